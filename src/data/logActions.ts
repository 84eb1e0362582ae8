import { asLabel } from '@/core/words/asLabel';
import { lightFormat } from 'date-fns';
import { PACKET_KIND, packetSchema, readPacket, type Packet } from '@/core/formats/packetFile';
import * as v from 'valibot';
import { NO_DEVICES } from './fresh';
import { kept, PACKET } from './reporting';
import type { Devices, Studio, StudioPorts } from './studio';

const DEVICES = 'devices';
/** What tabs tell each other when a packet has grown. */
export const PACKET_TOLD = 'the packet';

const devicesOf = (kept: unknown): Devices => {
  const own = (kept ?? {}) as Partial<Record<keyof Devices, unknown>>;
  return { sensor: own.sensor === true, scale: own.scale === true, printer: own.printer === true };
};

/** What the log needs beside the job: devices that are switched on, photographs, and the packet of a helper. */
export function logActions(
  ports: StudioPorts,
  get: () => Studio,
): Pick<Studio, 'startLog' | 'setDevices' | 'addPhoto' | 'openPacket' | 'packetEntry' | 'closePacket'> {
  const { shelf } = ports;
  const keep = (packet: Packet | null) => {
    get().set({ packet });
    void shelf.setSetting(PACKET, packet);
  };
  return {
    async startLog() {
      const [stored, devices] = await Promise.all([shelf.getSetting(PACKET), shelf.getSetting(DEVICES)]);
      const packet = v.safeParse(packetSchema, stored);
      get().set({ devices: devicesOf(devices ?? NO_DEVICES), packet: packet.success ? packet.output : null });
    },
    setDevices(devices) {
      get().set({ devices });
      void shelf.setSetting(DEVICES, devices);
    },
    async addPhoto(photo) {
      const { project } = get();
      if (!project) return;
      if (await kept(shelf.putPhoto(project.id, photo))) get().set({ photos: [...get().photos, photo] });
    },
    openPacket(text) {
      if (!text.includes(`"${PACKET_KIND}"`)) return Promise.resolve(false);
      const read = readPacket(text);
      if ('refused' in read) {
        get().set({ message: { text: read.refused, kind: 'fault' } });
        return Promise.resolve(true);
      }
      const open = get().packet;
      // a copied file must never write ids that another wrote: every opening writes under a name of its own
      const actor = `${read.packet.helper.slice(0, 20)}-${ports.newId()}`.slice(0, 60);
      if (open && open.log.length > 0 && open.projectId === read.packet.projectId && open.helper === read.packet.helper) {
        get().set({
          message: { text: asLabel('studio.packet-open-already', { helper: open.helper }), kind: 'tell' },
        });
        return Promise.resolve(true);
      }
      keep({ ...read.packet, actor });
      get().set({
        message: { text: asLabel('studio.packet-open', { job: read.packet.job, helper: read.packet.helper }), kind: 'tell' },
      });
      return Promise.resolve(true);
    },
    packetEntry(entry) {
      const { packet } = get();
      if (!packet) return;
      const at = lightFormat(ports.now(), "yyyy-MM-dd'T'HH:mm");
      /** one more at the end of what is there, under a number that nobody has */
      const grown = (log: Packet['log']): Packet => {
        const number = log.filter((e) => e.id.startsWith(`${packet.actor}:`)).length + 1;
        return { ...packet, log: [...log, { id: `${packet.actor}:${number}`, at, by: packet.helper, ...entry }] };
      };
      get().set({ packet: grown(packet.log) });
      // another tab with the same packet may have written since: what is stored grows, and is shown
      void shelf
        .changeSetting(PACKET, (was) => {
          const stored = v.safeParse(packetSchema, was);
          const isSame = stored.success && stored.output.actor === packet.actor;
          const next = grown(isSame ? stored.output.log : packet.log);
          // closed meanwhile it stays closed
          if (get().packet?.actor === packet.actor) get().set({ packet: next });
          return next;
        })
        .then(() => ports.tabs.tell(PACKET_TOLD));
    },
    closePacket: () => keep(null),
  };
}
