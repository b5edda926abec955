import { redirect } from 'next/navigation';

export default function OfficePage() {
  redirect('/office/people');
}
