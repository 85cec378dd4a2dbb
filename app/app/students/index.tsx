import { View } from 'react-native';
import { StudentList } from '../../src/features/students/StudentList';
import { NavBar } from '../../src/kit/NavBar';
import { Screen } from '../../src/kit/Screen';
import { Text } from '../../src/kit/Text';
import { TwoPane } from '../../src/kit/TwoPane';
import { strings } from '../../src/strings';

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
