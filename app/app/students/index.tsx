import { View } from 'react-native';
import { StudentList } from '../../src/features/students/StudentList';
import { NavBar } from '../../src/foundation/kit/NavBar';
import { Screen } from '../../src/foundation/kit/Screen';
import { Text } from '../../src/foundation/kit/Text';
import { TwoPane } from '../../src/foundation/kit/TwoPane';
import { strings } from '../../src/foundation/strings';

export default function Students() {
  return (
    <View style={{ flex: 1 }}>
      <TwoPane
        narrow="list"
        list={<StudentList />}
        detail={
          <Screen>
            <Text second>{strings.students.choose}</Text>
          </Screen>
        }
      />
      <NavBar current="students" />
    </View>
  );
}
