import { Head, Link, useForm } from '@inertiajs/react';
import { fieldsOf } from '@/lib/fields';
import type { ReactNode } from 'react';
import { Door } from '@/stall/Door';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';

export default function SignIn() {
  const form = useForm({ email: '', password: '' });
  const field = fieldsOf(form);
  return (
    <Door
      title="Sign in"
      foot={
        <>
          New here?{' '}
          <Link href={route('sign-up')} className="text-ink underline">
            Sign up
          </Link>
          . Or have you{' '}
          <Link href={route('password.forgotten')} className="text-ink underline">
            forgotten the password
          </Link>
          ?
        </>
      }
    >
      <Head title="Sign in" />
      <form
        onSubmit={(e) => {
          e.preventDefault();
          form.post(route('sign-in'));
        }}
        className="space-y-5"
      >
        <TextField label="E-mail" {...field('email')} type="email" autoComplete="username" autoFocus />
        <TextField label="Password" {...field('password')} type="password" autoComplete="current-password" />
        <Button kind="do" type="submit" disabled={form.processing} className="w-full">
          Sign in
        </Button>
      </form>
    </Door>
  );
}

SignIn.layout = (screen: ReactNode) => screen;
