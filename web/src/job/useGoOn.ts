import { useEffect, useRef } from 'react';
import { useNavigate, type NavigateOptions } from 'react-router';

/** Goes on to the next step once something is kept, unless whoever kept it has gone elsewhere while it was on its way. */
export function useGoOn() {
  const navigate = useNavigate();
  const here = useRef(true);
  useEffect(() => {
    here.current = true;
    return () => {
      here.current = false;
    };
  }, []);
  return (to: string, options?: NavigateOptions) => {
    if (here.current) {
      void navigate(to, options);
    }
  };
}
