import { JobsStation } from '@/ui/jobs/JobsStation';

export default function Page() {
  return <JobsStation />;
}
