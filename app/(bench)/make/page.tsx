import { MakeStation } from '@/ui/make/MakeStation';

export default function Page() {
  return <MakeStation />;
}
