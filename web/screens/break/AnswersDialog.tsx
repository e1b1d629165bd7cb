import type { Approach, ApproachQuestion } from '@kotabi/core/model';
import { Modal } from 'antd';
import { useStore } from 'zustand';
import { useApproach } from '../../api/queries';
import { OwnAnswers } from '../approach/OwnAnswers';
import { SchoolSelect } from '../approach/SchoolSelect';
import type { BreakStore } from './store';

interface Props {
  store: BreakStore;
  /** The instructor's own. */
  own: Approach;
  close: () => void;
}

/** Where this break answers differently from its instructor. */
const AnswersDialog = ({ store, own, close }: Props) => {
  const { value: brk, edit } = useStore(store);
  const schools = useApproach().data?.value.schools ?? [];
  return (
    <Modal
      open
      title="This break answers differently"
      width={720}
      okText="Done"
      cancelButtonProps={{ style: { display: 'none' } }}
      onOk={close}
      onCancel={close}
    >
      {schools.length > 0 && (
        <SchoolSelect
          schools={schools}
          answers={brk.approach ?? {}}
          take={(answers) =>
            edit('choose a school', (d) => {
              if (Object.keys(answers).length === 0) delete d.approach;
              else d.approach = answers;
            })
          }
        />
      )}
      <OwnAnswers
        own={own}
        override={brk.approach ?? {}}
        change={(key: ApproachQuestion, answer) =>
          edit('answer differently', (d) => {
            const next: Record<string, string> = { ...d.approach };
            if (answer === undefined) delete next[key];
            else next[key] = answer;
            if (Object.keys(next).length === 0) delete d.approach;
            else d.approach = next as Partial<Approach>;
          })
        }
      />
    </Modal>
  );
};
export default AnswersDialog;
