/** What a drawn step shows: the part of a phone's screen that is touched. */
export type TrustFigure = 'download' | 'settings' | 'install' | 'switch' | 'ok';

interface Step {
  text: string;
  figure: TrustFigure;
}

/** The plain page on which a phone learns to trust the studio. */
export const trustWords = {
  title: 'Let this phone trust your studio',
  why: (title: string) =>
    `Cameras and working offline are given to secure pages only. Your studio has a certificate of its own, called “${title}”, which is good for this studio in your own network and for nothing else.`,
  take: 'Take the certificate',
  compare: 'Compare: the same stands on the studio’s screen',
  systems: [
    {
      system: 'iPhone or iPad',
      steps: [
        { text: 'Touch “Take the certificate” above and allow it.', figure: 'download' },
        {
          text: 'Open Settings: at the top stands “Profile Downloaded”. Touch it.',
          figure: 'settings',
        },
        { text: 'Touch “Install” and enter the phone’s code.', figure: 'install' },
        {
          text: 'Settings, General, About, at the very end “Certificate Trust Settings”: switch this one on.',
          figure: 'switch',
        },
      ],
    },
    {
      system: 'Android',
      steps: [
        { text: 'Touch “Take the certificate” above.', figure: 'download' },
        {
          text: 'Open Settings, Security and privacy, More, “Encryption and credentials”, “Install a certificate”.',
          figure: 'settings',
        },
        {
          text: 'Choose “CA certificate”, touch “Install anyway”, and choose the file.',
          figure: 'install',
        },
        { text: 'Some phones ask for their code: enter it.', figure: 'ok' },
      ],
    },
    {
      system: 'A laptop or another computer',
      steps: [
        { text: 'Take the certificate and open it.', figure: 'download' },
        {
          text: 'Add it to the certificates of this computer, and say that it is trusted for websites.',
          figure: 'install',
        },
        {
          text: 'Some browsers have their own list: add it in their settings, under certificates.',
          figure: 'settings',
        },
      ],
    },
  ] satisfies { system: string; steps: Step[] }[],
  done: 'Done?',
  next: 'Try it: open the studio',
  doneHelp:
    'A page of Open Palm should open without a warning. Then scan the second code on the studio’s screen.',
  nothingHere: 'There is nothing here.',
};
