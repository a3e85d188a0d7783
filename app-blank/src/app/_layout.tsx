import '../../global.css';
import { configureStore, createSlice } from '@reduxjs/toolkit';
import { Slot } from 'expo-router';
import { Provider } from 'react-redux';
const count = createSlice({ name: 'count', initialState: 0, reducers: { counted: (state) => state + 1 } });
const store = configureStore({ reducer: { count: count.reducer } });
export default function Root() {
  return (
    <Provider store={store}>
      <Slot />
    </Provider>
  );
}
