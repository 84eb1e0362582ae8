import { BriefStation } from '@/ui/brief/BriefStation';

export default function Page() {
  return <BriefStation />;
}
