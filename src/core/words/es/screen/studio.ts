import type { STUDIO as EN } from '../../en/screen/studio';

export const STUDIO: Readonly<Record<keyof typeof EN, string>> = {
  'studio.beside-name': '{name} (de esta pestaña)',
  'studio.cleared-since':
    'Había trabajos en este navegador y los ha borrado: recupéralos de una copia o de sus archivos. Lo que hay ahora son los ejemplos.',
  'studio.copy-of': '{name}, copia',
  'studio.deleted-elsewhere':
    'Este trabajo se borró en otra pestaña. Aquí sigue abierto: vuelve a guardarlo o guárdalo como archivo.',
  'studio.do-cut-from-ends': 'cortar de cabos de la lata',
  'studio.do-earlier-version': 'volver a una versión anterior',
  'studio.do-finish-it': 'terminar',
  'studio.do-keep-best': 'quedarse con lo mejor hasta ahora',
  'studio.do-keep-proposal': 'quedarse con la propuesta',
  'studio.do-put-away': 'guardar lo que sobra',
  'studio.do-re-balance': 'reequilibrar',
  'studio.do-take-from-tin': 'tomar de la lata',
  'studio.do-wires-cut': 'alambres cortados',
  'studio.held': 'Un Ofrenda más antiguo en otra pestaña tiene los trabajos. Cierra esa pestaña: aquí se abrirán solos.',
  'studio.job-is-open': '«{name}» está abierto{second, select, yes {, como segunda copia junto a la que tienes} other {}}.',
  'studio.job-unreadable': 'Ese trabajo ya no se puede leer; los demás están intactos.',
  'studio.new-job': 'Trabajo nuevo',
  'studio.newer-elsewhere':
    'Un Ofrenda más nuevo en otra pestaña se ha hecho cargo de lo guardado aquí. Guarda el trabajo como archivo si lo has cambiado desde entonces, y vuelve a cargar esta página.',
  'studio.no-plan': 'No se pudo hacer el plan.',
  'studio.kept-beside':
    'Otra pestaña ha guardado trabajo más nuevo en «{name}». Se queda como está allí; lo que has hecho aquí se guarda aparte como «{own}».',
  'studio.not-kept':
    '{what, select, job {El trabajo} photograph {La foto} stock {La lata con los cabos de alambre} packet {El paquete} other {Este ajuste}} no se pudo guardar{full, select, yes {: no queda sitio en este navegador. Quita para siempre trabajos borrados en Trabajos, o guarda trabajos como archivos y bórralos} other {}}.',
  'studio.plan-stopped':
    'Lo que calcula el plan se detuvo de improviso y se inicia de nuevo con el próximo cambio; no se ha perdido nada.',
  'studio.no-room':
    'No queda sitio en este navegador: los últimos cambios solo están en esta página. Guarda ya el trabajo como archivo y luego haz sitio.',
  'studio.not-stored':
    'Este navegador no pudo guardar el trabajo: los últimos cambios solo están en esta página. Guárdalo ya como archivo para no perder nada.',
  'studio.only-look':
    'Este trabajo está abierto en otra pestaña, que puede cambiarlo; aquí solo puedes mirar. Ciérralo allí para trabajar aquí.',
  'studio.packet-open': 'El paquete de «{job}» para {helper} está abierto en Ayudante.',
  'studio.packet-open-already': 'El paquete para {helper} ya está abierto, con lo que se hizo en él.',
  'studio.restored':
    '{jobs, plural, =0 {No se ha recuperado nada} one {Se ha recuperado un trabajo} other {Se han recuperado # trabajos}}{there, plural, =0 {} one {, uno ya estaba aquí} other {, # ya estaban aquí}}{stock, select, yes {, y la lata} other {}}.',
  'studio.restored-name': '{name} (recuperado)',
  'studio.storage-shut':
    'El navegador ha cerrado su almacén, como hace cuando el disco está lleno: los últimos cambios solo están en esta página. Guarda ahora el trabajo como archivo, haz sitio y vuelve a guardarlo.',
  'studio.tab-let-go': 'La otra pestaña ha soltado este trabajo: ya puedes trabajar aquí.',
  'studio.taken-away':
    'El navegador borró lo que había guardado aquí. El trabajo abierto sigue en esta página: guárdalo como archivo y recupera los demás de una copia.',
};
