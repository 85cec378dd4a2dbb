import { useLocalSearchParams } from 'expo-router';
import { View } from 'react-native';
import { HandFileScreen } from '../../../src/features/handFile/HandFileScreen';
import { ProgressCard } from '../../../src/features/progress/ProgressCard';
import { StudentList } from '../../../src/features/students/StudentList';
import { NavBar } from '../../../src/foundation/kit/NavBar';
import { TwoPane } from '../../../src/foundation/kit/TwoPane';
import { useWide } from '../../../src/foundation/kit/useWide';

export default function HandFile() {
  const { studentId, setup } = useLocalSearchParams<{ studentId: string; setup?: string }>();
  return (
    <View style={{ flex: 1 }}>
      <TwoPane
        narrow="detail"
        list={<StudentList chosenId={studentId} />}
        detail={
          <HandFileScreen
            key={studentId}
            studentId={studentId}
            Progress={ProgressCard}
            {...(setup === undefined ? {} : { setupId: setup })}
          />
        }
      />
      {useWide() ? <NavBar current="students" /> : null}
    </View>
  );
}
