import { LogStation } from '@/ui/log/LogStation';

export default function Page() {
  return <LogStation />;
}
