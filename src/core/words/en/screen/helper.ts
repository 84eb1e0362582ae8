export const HELPER = {
  'helper.close-the-packet': 'Close the packet',
  'helper.for': '{helper}, for {job}',
  'helper.no-packet-is-open': 'No packet is open',
  'helper.of-made': '{made} of {wanted} made',
  'helper.open-file-you-were-given': 'Open the file that you were given under Jobs.',
  'helper.send-it-back': 'Send it back',
  'helper.step-time': '{from} to {to}, {pieces} × {t}',
  'helper.what-to-make': 'What to make',
  'helper.write-down': 'Write down {name}',
} as const;
