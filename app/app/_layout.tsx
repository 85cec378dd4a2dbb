import { useFonts } from 'expo-font';
import { Stack } from 'expo-router';
import { useEffect } from 'react';
import { SafeAreaProvider } from 'react-native-safe-area-context';
import { SWRConfig } from 'swr';
import { registerOfflineApp } from '../src/foundation/api/offlineApp';
import { useFreshApp } from '../src/foundation/api/useFreshApp';
import { useKeepSending } from '../src/foundation/api/sync/useSync';
import { Gate } from '../src/features/door/Gate';
import { RemovedBar } from '../src/foundation/api/RemovedBar';
import { WaitingBar } from '../src/foundation/api/WaitingBar';
import { shippedFonts } from '../src/foundation/kit/shippedFonts';
import { ThemeProvider } from '../src/foundation/kit/ThemeProvider';

export default function Layout() {
  useFonts(shippedFonts);
  useKeepSending();
  useFreshApp();
  useEffect(registerOfflineApp, []);
  return (
    <SafeAreaProvider>
      <SWRConfig value={{ revalidateOnFocus: false, shouldRetryOnError: false }}>
        <ThemeProvider>
          <WaitingBar />
          <RemovedBar />
          <Gate>
            <Stack screenOptions={{ headerShown: false, animation: 'none' }} />
          </Gate>
        </ThemeProvider>
      </SWRConfig>
    </SafeAreaProvider>
  );
}
