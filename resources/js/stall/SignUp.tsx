import { Head, Link, useForm } from '@inertiajs/react';
import type { ReactNode } from 'react';
import { Door } from '@/stall/Door';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';

export default function SignUp() {
  const form = useForm({ name: '', email: '', password: '' });
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
        <TextField
          label="Your name"
          name="name"
          autoComplete="name"
          autoFocus
          value={form.data.name}
          onChange={(e) => {
            form.setData('name', e.target.value);
          }}
          error={form.errors.name}
        />
        <TextField
          label="E-mail"
          name="email"
          type="email"
          autoComplete="username"
          value={form.data.email}
          onChange={(e) => {
            form.setData('email', e.target.value);
          }}
          error={form.errors.email}
        />
        <TextField
          label="Password"
          name="password"
          type="password"
          autoComplete="new-password"
          hint="Ten letters or more"
          value={form.data.password}
          onChange={(e) => {
            form.setData('password', e.target.value);
          }}
          error={form.errors.password}
        />
        <Button kind="do" type="submit" disabled={form.processing} className="w-full">
          Sign up
        </Button>
      </form>
    </Door>
  );
}

SignUp.layout = (screen: ReactNode) => screen;
