import type { Metadata } from 'next';
import { NoNetwork } from '@/ui/Device/NoNetwork';

export const metadata: Metadata = { title: 'The server is not reached' };

/** Kept on a device, for pages that are the server's alone. */
export default function NoNetworkPage() {
  return <NoNetwork />;
}
