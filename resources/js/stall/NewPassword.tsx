import { Head, Link, useForm } from '@inertiajs/react';
import type { ReactNode } from 'react';
import { fieldsOf } from '@/lib/fields';
import { Door } from '@/stall/Door';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';

export default function NewPassword({ token, email }: { token: string; email: string }) {
  const form = useForm({ token, email, password: '' });
  const field = fieldsOf(form);
  return (
    <Door
      title="Set a new password"
      foot={
        <Link href={route('password.forgotten')} className="text-ink underline">
          Ask for another link
        </Link>
      }
    >
      <Head title="Set a new password" />
      <form
        onSubmit={(e) => {
          e.preventDefault();
          form.post(route('password.store'));
        }}
        className="space-y-5"
      >
        <p className="text-mute">For {email}. Everywhere else you are signed out by it.</p>
        <TextField
          label="New password"
          {...field('password')}
          type="password"
          autoComplete="new-password"
          autoFocus
          hint="Ten letters or more; a few words that nobody else puts together"
        />
        <Button kind="do" type="submit" disabled={form.processing} className="w-full">
          Set it and sign in
        </Button>
      </form>
    </Door>
  );
}

NewPassword.layout = (screen: ReactNode) => screen;
