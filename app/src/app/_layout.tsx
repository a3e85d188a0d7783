import '../../global.css';
import { Slot } from 'expo-router';
import Head from 'expo-router/head';
import { useState } from 'react';
import { Provider } from 'react-redux';
import { createStore } from '../domain/store';
import { AheadOfKeys } from '../ui/ahead-of-keys';

export default function RootLayout() {
  const [store] = useState(createStore);
  return (
    <Provider store={store}>
      <Head>
        <title>Wellhydra</title>
      </Head>
      <AheadOfKeys />
      <Slot />
    </Provider>
  );
}
