import type { HELPER as EN } from '../../en/screen/helper';

export const HELPER: Readonly<Record<keyof typeof EN, string>> = {
  'helper.close-the-packet': 'Cerrar el paquete',
  'helper.for': '{helper}, para {job}',
  'helper.no-packet-is-open': 'No hay paquete abierto',
  'helper.of-made': '{made} de {wanted} hechas',
  'helper.open-file-you-were-given': 'Abre en Trabajos el archivo que te dieron.',
  'helper.send-it-back': 'Devolverlo',
  'helper.step-time': '{from} a {to}, {pieces} × {t}',
  'helper.what-to-make': 'Qué hacer',
  'helper.write-down': 'Anotar: {name}',
};
