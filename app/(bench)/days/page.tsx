import { DaysStation } from '@/ui/days/DaysStation';

export default function Page() {
  return <DaysStation />;
}
