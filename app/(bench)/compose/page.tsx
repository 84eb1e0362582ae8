import { ComposeStation } from '@/ui/compose/ComposeStation';

export default function Page() {
  return <ComposeStation />;
}
