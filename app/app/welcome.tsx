import { Redirect } from 'expo-router';

/** Where a one-time link leads; whoever is in already goes on to the studio. */
export default function Link() {
  return <Redirect href="/" />;
}
