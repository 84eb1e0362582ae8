import { PlaceStation } from '@/ui/place/PlaceStation';

export default function Page() {
  return <PlaceStation />;
}
