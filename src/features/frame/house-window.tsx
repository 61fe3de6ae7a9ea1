import type { ComponentProps } from 'react';
import { Window } from '@/ui/layout';
import { RightsNotice } from './rights-notice';

/** The window of the house: before everything else it says what somebody may not do here. */
export const HouseWindow = ({ notice, ...given }: ComponentProps<typeof Window>) => (
  <Window
    {...given}
    notice={
      <>
        <RightsNotice />
        {notice}
      </>
    }
  />
);
