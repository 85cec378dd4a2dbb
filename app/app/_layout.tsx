import { useFonts } from 'expo-font';
import { Stack } from 'expo-router';
import { SafeAreaProvider } from 'react-native-safe-area-context';
import { SWRConfig } from 'swr';
import { useSendUnsent } from '../src/api/useOutbox';
import { shippedFonts } from '../src/kit/shippedFonts';
import { ThemeProvider } from '../src/kit/ThemeProvider';

export default function Layout() {
  const [ready, failed] = useFonts(shippedFonts);
  useSendUnsent();
  if (!ready && !failed) return null;
  return (
    <SafeAreaProvider>
      <SWRConfig value={{ revalidateOnFocus: false, shouldRetryOnError: false }}>
        <ThemeProvider>
          <Stack screenOptions={{ headerShown: false, animation: 'none' }} />
        </ThemeProvider>
      </SWRConfig>
    </SafeAreaProvider>
  );
}
