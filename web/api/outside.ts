import { useQuery } from '@tanstack/react-query';
import { request } from './client';

const LOOPBACK = /^(localhost|127\.|\[::1\])/;

/** The address by which others reach this server: as it was set, or as this browser does; and whether that is this machine only. */
export const useOutside = (): { address: string; loopback: boolean } => {
  const { data } = useQuery({
    queryKey: ['outside'],
    queryFn: () => request<{ address: string | null }>('GET', '/api/outside'),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const address = data?.address ?? location.origin;
  return { address, loopback: data !== undefined && LOOPBACK.test(new URL(address).host) };
};
