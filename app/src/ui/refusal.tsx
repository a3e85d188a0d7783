import { Text } from './text';

/** Why what was asked for was not done, where it was asked for; nothing while there is no reason. */
export const Refusal = ({ message }: { readonly message: string | null }) =>
  message === null ? null : (
    <Text role="alert" className="text-heat">
      {message}
    </Text>
  );
