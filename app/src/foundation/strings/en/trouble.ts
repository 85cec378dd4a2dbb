/** Why the studio may not answer, one sentence each, and what helps. */
export const trouble = {
  title: 'The studio does not answer',
  goOn: 'Go on meanwhile: looks are kept on this device, and are sent by themselves once it answers.',
  again: 'Try again',
  trying: 'Trying …',
  back: 'It answers again.',
  causes: {
    network: {
      title: 'No network',
      text: 'This device is in no network at all: is the flight mode on?',
    },
    wifi: {
      title: 'The wrong Wi-Fi',
      text: 'The phone has to be in the Wi-Fi of the studio’s computer; guests’ networks often keep devices apart.',
    },
    asleep: {
      title: 'The studio’s computer sleeps',
      text: 'Wake it up, and see that the window of “npm start” still says that Open Palm is ready.',
    },
    certificate: {
      title: 'The certificate is not trusted any more',
      text: 'Open the studio’s address in the browser: if it warns, show the first code again on the studio’s computer, under Studio, Phones.',
    },
    clock: {
      title: 'The clock is wrong',
      text: (day: string) =>
        `A certificate holds between two days only. Is it ${day}? If not, set the clock to automatic.`,
    },
    moved: {
      title: 'The address has changed',
      text: (origins: string) => `The studio was last known at ${origins}. Try that address.`,
    },
  },
};
