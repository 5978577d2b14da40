import { Head, Link, useForm } from '@inertiajs/react';
import { fieldsOf } from '@/lib/fields';
import type { ReactNode } from 'react';
import { Door } from '@/stall/Door';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';

export default function SignUp() {
  const form = useForm({ name: '', email: '', password: '' });
  const field = fieldsOf(form);
  return (
    <Door
      title="Sign up"
      foot={
        <>
          Here before?{' '}
          <Link href={route('sign-in')} className="text-ink underline">
            Sign in
          </Link>
        </>
      }
    >
      <Head title="Sign up" />
      <form
        onSubmit={(e) => {
          e.preventDefault();
          form.post(route('sign-up'));
        }}
        className="space-y-5"
      >
        <TextField label="Your name" {...field('name')} autoComplete="name" autoFocus />
        <TextField label="E-mail" {...field('email')} type="email" autoComplete="username" />
        <TextField
          label="Password"
          {...field('password')}
          type="password"
          autoComplete="new-password"
          hint="Ten letters or more"
        />
        <Button kind="do" type="submit" disabled={form.processing} className="w-full">
          Sign up
        </Button>
      </form>
    </Door>
  );
}

SignUp.layout = (screen: ReactNode) => screen;
