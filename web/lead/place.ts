/** Where leading was opened from: the break, the group it is led for, and where to go back to. */
export interface LeadPlace {
  breakId: string;
  /** The group it is led for; left out, it is the break's own. */
  groupId: string | null;
  /** A path of this application to go back to; left out, it is the sheet of the break. */
  from: string | null;
  /** The planned break of a week that is led by it, so that its record is that one's. */
  planned?: string | null;
}

/** The address at which a break is led for a group, with the way back. */
export const leadAddress = ({ breakId, groupId, from, planned }: LeadPlace): string => {
  const query = new URLSearchParams();
  if (groupId) query.set('group', groupId);
  if (from) query.set('from', from);
  if (planned) query.set('planned', planned);
  const rest = query.toString();
  return `/lead/${encodeURIComponent(breakId)}${rest ? `?${rest}` : ''}`;
};

/** Reads such an address. Back goes only to pages of this application: `//elsewhere` is another server. */
export const readLeadAddress = ({ pathname, search }: Pick<Location, 'pathname' | 'search'>): LeadPlace => {
  const query = new URLSearchParams(search);
  const from = query.get('from');
  return {
    breakId: decodeURIComponent(pathname.split('/')[2] ?? ''),
    groupId: query.get('group'),
    from: from !== null && /^\/[^/\\]/.test(from) ? from : null,
    planned: query.get('planned'),
  };
};

/** What the light page shows at an address. */
export type LightPage =
  | { page: 'lead'; place: LeadPlace }
  /** The view of the group, in a window beside the one that leads. */
  | { page: 'group'; breakId: string }
  /** A break that is led elsewhere, followed here. */
  | { page: 'join'; token: string }
  | { page: 'remote' };

/** Reads an address of the light page. */
export const pageAt = ({ pathname, search }: Pick<Location, 'pathname' | 'search'>): LightPage => {
  const [, first, second = '', third] = pathname.split('/');
  if (first === 'remote') return { page: 'remote' };
  if (first === 'join') return { page: 'join', token: decodeURIComponent(second) };
  if (third === 'group') return { page: 'group', breakId: decodeURIComponent(second) };
  return { page: 'lead', place: readLeadAddress({ pathname, search }) };
};

/** What the way back leads to, in words. */
export const backWords = (from: string | null): string => {
  if (from?.startsWith('/week')) return 'Back to the week';
  return from?.startsWith('/today') ? 'Back to today' : 'Back to the sheet';
};
