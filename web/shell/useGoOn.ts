import { type NavigateOptions, useLocation, useNavigate } from 'react-router';

/**
 * Leads on to another screen after something that took its time. Whoever has gone elsewhere meanwhile is not drawn back.
 */
export const useGoOn = (): ((to: string, options?: NavigateOptions) => void) => {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  return (to, options) => {
    if (window.location.pathname === pathname) void navigate(to, options);
  };
};
