/** What a break is for, as short as a button. */
export const purposeText = ({
  targets,
  onCall,
  calm,
}: {
  targets?: string[];
  onCall?: boolean;
  calm?: boolean;
}): string => {
  const parts = [
    targets && targets.length > 0 && (targets.length > 2 ? `${targets.length} areas` : targets.join(', ')),
    onCall && 'on a call',
    calm && 'to calm',
  ].filter(Boolean);
  return parts.length > 0 ? parts.join(' · ') : 'What for';
};
