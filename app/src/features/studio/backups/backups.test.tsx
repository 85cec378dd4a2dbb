import { fireEvent, render, screen } from '@testing-library/react-native';
import type { BackupState, KeptBackup } from '@open-palm/contract';
import { saveFrom as mockedSave } from '../../../foundation/kit/saveFile';
import { KeptBackups } from './KeptBackups';
import { LastBackup, partsOf } from './LastBackup';

jest.mock('../../../foundation/kit/saveFile', () => ({ saveFrom: jest.fn() }));

const backup = (more: Partial<KeptBackup> = {}): KeptBackup => ({
  name: 'open-palm-2026-03-02-100000.zip',
  kind: 'asked',
  madeAt: '2026-03-02T10:00:00',
  bytes: 1_234_567,
  holds: { students: 3, looks: 1, pictures: 2, picturesMissing: 0 },
  ...more,
});
const state = (more: Partial<BackupState> = {}): BackupState => ({
  folder: '/disk/backups',
  sameDisk: false,
  isDaily: false,
  isBusy: false,
  failed: null,
  backups: [backup()],
  unreadable: [],
  since: { looks: 0, notes: 0, edits: 0, pictures: 0 },
  ...more,
});

describe('the last backup', () => {
  it('says what would be lost all the same, and only that', () => {
    render(<LastBackup state={state({ since: { looks: 2, notes: 0, edits: 1, pictures: 0 } })} />);
    expect(screen.getByText('Added since, and in no backup: 2 looks, 1 change.')).toBeTruthy();
    expect(
      screen.getByText('2 March 2026, 10:00. Read back when it was made, and whole.'),
    ).toBeTruthy();
    expect(partsOf({ pictures: 1, notes: 3 })).toEqual(['3 notes and takes', '1 picture']);
  });

  it('says that nothing would, and that everything would where there is none', () => {
    const { rerender } = render(<LastBackup state={state()} />);
    expect(screen.getByText('Nothing has been added since.')).toBeTruthy();
    rerender(<LastBackup state={state({ backups: [], since: null })} />);
    expect(screen.getByText('There is no backup yet.')).toBeTruthy();
    expect(screen.queryByText(/Read back/)).toBeNull();
  });
});

describe('kept backups', () => {
  it('are each given as the file that lies there', () => {
    const older = backup({
      name: 'open-palm-daily-2026-03-01.zip',
      kind: 'daily',
      madeAt: '2026-03-01T09:00:00',
    });
    render(
      <KeptBackups state={state({ backups: [backup(), older], isDaily: true })} onPutBack={null} />,
    );
    expect(screen.getByText('2 March 2026, 10:00, asked for')).toBeTruthy();
    expect(screen.getAllByText('1.2 MB · 1 look, 2 pictures')).toHaveLength(2);
    fireEvent.press(screen.getByLabelText('Save a copy: 1 March 2026, 09:00'));
    expect(mockedSave).toHaveBeenCalledWith(`/api/backups/kept/${older.name}`, older.name);
    expect(screen.getByText(/^In \/disk\/backups\. One is made by itself/)).toBeTruthy();
  });

  it('promise none by itself where none is made', () => {
    render(<KeptBackups state={state()} onPutBack={null} />);
    expect(screen.getByText('In /disk/backups.')).toBeTruthy();
  });
});
