import { OneBreak } from '@kotabi/core/model';
import { createRoot } from 'react-dom/client';
import { say } from '../desk/words/words';
import '../theme/global.css';
import { OnePage } from './OnePage';

// The server puts the break into the page when the file is taken away; the file is opened without any server. As it is
// built the page has none in it, and is asked for by nobody.
const data = document.getElementById('break')?.textContent;
const root = createRoot(document.getElementById('root') as HTMLElement);
root.render(data ? <OnePage one={OneBreak.parse(JSON.parse(data))} /> : <p>{say('sayNothing')}</p>);
