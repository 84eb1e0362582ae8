import { WireStation } from '@/ui/wire/WireStation';

export default function Page() {
  return <WireStation />;
}
