import QRCode from 'qrcode';

export interface InvitationText {
  readonly teacher: string;
  readonly pupils: string;
  readonly code: string;
  /** Whether nobody in the network can listen in. */
  readonly isSecret: boolean;
}

/** What the terminal says when a class network begins: where the teacher goes, where pupils go, and the join code. */
export async function invitation({ teacher, pupils, code, isSecret }: InvitationText): Promise<string> {
  const picture = await QRCode.toString(`${pupils}#${code}`, { type: 'terminal', small: true });
  return [
    'The class network is on.',
    `  Your own page:  ${teacher}`,
    `  Pupils go to:   ${pupils}`,
    `  Join code:      ${code}  (it holds once you open a class)`,
    picture,
    ...(isSecret
      ? []
      : [
          'Without a certificate whoever is in this network can listen in (--class-cert and --class-key serve it over',
          'https, and with it MIDI and work without a network on the pupils’ devices).',
        ]),
    'Whoever is in this network can reach this page. Names and work of pupils are in the memory of this server',
    'while a class is open, and written to your browser only; nothing of them is on the disk of this server.',
  ].join('\n');
}
