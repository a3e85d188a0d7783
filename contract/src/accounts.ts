import Joi from 'joi';
import { id, objectOf, text } from './common';

export interface SignIn {
  readonly email: string;
  readonly password: string;
}

export interface Register extends SignIn {
  readonly name: string;
  /** Name of a new kitchen; or an invitation to one that exists. */
  readonly kitchenName?: string;
  readonly invitation?: string;
}

export const PASSWORD_LENGTH = { least: 10, most: 200 } as const;

const email = Joi.string().trim().lowercase().email({ tlds: false }).max(254).label('E-mail');

export const signIn = objectOf<SignIn>({
  email: email.required(),
  password: Joi.string().min(1).max(PASSWORD_LENGTH.most).required().label('Password'),
});

export const register = objectOf<Register>({
  name: text(80).required().label('Your name'),
  email: email.required(),
  password: Joi.string().min(PASSWORD_LENGTH.least).max(PASSWORD_LENGTH.most).required().label('Password'),
  kitchenName: text(80).label('Kitchen'),
  invitation: text(40).label('Invitation'),
})
  .xor('kitchenName', 'invitation')
  .messages({
    'object.missing': 'Name your kitchen, or give an invitation to one',
    'object.xor': 'Name a new kitchen or give an invitation, not both',
  });

export interface Session {
  readonly account: { readonly id: string; readonly name: string; readonly email: string };
  readonly kitchen: { readonly id: string; readonly name: string; readonly demo: boolean };
}

export const session = objectOf<Session>({
  account: Joi.object({ id: id.required(), name: Joi.string().required(), email: Joi.string().required() }).required(),
  kitchen: Joi.object({ id: id.required(), name: Joi.string().required(), demo: Joi.boolean().required() }).required(),
});

/** What anyone may know of a server before signing in. */
export interface ServerOptions {
  readonly demo: boolean;
}
export const serverOptions = objectOf<ServerOptions>({ demo: Joi.boolean().required() });

export interface KitchenDetails {
  readonly id: string;
  readonly name: string;
  readonly demo: boolean;
  readonly invitation: string;
  readonly members: readonly { readonly id: string; readonly name: string; readonly email: string }[];
}
export const kitchenDetails = objectOf<KitchenDetails>({
  id: id.required(),
  name: Joi.string().required(),
  demo: Joi.boolean().required(),
  invitation: Joi.string().required(),
  members: Joi.array()
    .items(Joi.object({ id: id.required(), name: Joi.string().required(), email: Joi.string().required() }))
    .required(),
});
