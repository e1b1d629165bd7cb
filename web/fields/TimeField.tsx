import { TimePicker } from 'antd';
import dayjs from 'dayjs';

interface Props {
  label: string;
  value: number;
  stepMin?: number;
  status?: 'error' | undefined;
  /** For a shift over midnight: times before this are on the next day. */
  dayStartMin?: number;
  set: (minute: number) => void;
}

/** A time of day to the minute, as minutes since the midnight before. */
export const TimeField = ({ label, value, stepMin = 5, status, dayStartMin = 0, set }: Props) => (
  <TimePicker
    aria-label={label}
    format="HH:mm"
    minuteStep={stepMin as 5}
    allowClear={false}
    needConfirm={false}
    status={status}
    showNow={false}
    // Enter takes the time over; it does not send off the form around it.
    onKeyDown={(e) => e.key === 'Enter' && e.preventDefault()}
    value={dayjs('2000-01-03').startOf('day').add(value, 'minute')}
    onChange={(time) => {
      if (!time) return;
      const minute = time.hour() * 60 + time.minute();
      set(minute < dayStartMin ? minute + 1440 : minute);
    }}
    style={{ width: '100%' }}
  />
);
