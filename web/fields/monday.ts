import dayjs from 'dayjs';
import 'dayjs/locale/en-gb';

// Weeks begin on Monday, in the date pickers too: whoever shows one imports this.
dayjs.locale('en-gb');
