import { useFonts } from 'expo-font';
import { Stack } from 'expo-router';
import { useEffect } from 'react';
import { SafeAreaProvider } from 'react-native-safe-area-context';
import { SWRConfig } from 'swr';
import { registerOfflineApp } from '../src/api/offlineApp';
import { useFreshApp } from '../src/api/useFreshApp';
import { useKeepSending } from '../src/api/sync/useSync';
import { WaitingBar } from '../src/api/WaitingBar';
import { shippedFonts } from '../src/kit/shippedFonts';
import { ThemeProvider } from '../src/kit/ThemeProvider';

export default function Layout() {
  const [ready, failed] = useFonts(shippedFonts);
  useKeepSending();
  useFreshApp();
  useEffect(registerOfflineApp, []);
  if (!ready && !failed) return null;
  return (
    <SafeAreaProvider>
      <SWRConfig value={{ revalidateOnFocus: false, shouldRetryOnError: false }}>
        <ThemeProvider>
          <WaitingBar />
          <Stack screenOptions={{ headerShown: false, animation: 'none' }} />
        </ThemeProvider>
      </SWRConfig>
    </SafeAreaProvider>
  );
}
