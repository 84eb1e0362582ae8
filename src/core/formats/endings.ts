/** What the names of our files end in; the last part says what any other program can read them as. */
export const PROJECT_FILE_ENDING = '.ofrenda.json';
export const PACKET_FILE_ENDING = '.ofrenda-packet.json';
export const BACKUP_FILE_ENDING = '.ofrenda-backup.zip';
export const CATALOGUE_FILE_ENDING = '.ofrenda-catalogue.json';

/** A name as a file wants it: small letters and digits, hyphens between. */
export const fileName = (name: string, ending: string, otherwise = 'job'): string =>
  `${
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || otherwise
  }${ending}`;
