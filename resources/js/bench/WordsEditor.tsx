import { ListBulletsIcon, ListNumbersIcon, TextBIcon, TextHTwoIcon, TextItalicIcon } from '@phosphor-icons/react';
import { EditorContent, useEditor } from '@tiptap/react';
import StarterKit from '@tiptap/starter-kit';
import { clsx } from 'clsx';
import type { ReactNode } from 'react';

/** The description. What is pasted is cut down to headings, lists, emphasis and links; the server cleans it once more. */
export function WordsEditor({ html, onSay }: { html: string; onSay: (html: string) => Promise<boolean> }) {
  const editor = useEditor({
    extensions: [
      StarterKit.configure({
        heading: { levels: [2, 3] },
        code: false,
        codeBlock: false,
        strike: false,
        horizontalRule: false,
        underline: false,
        link: { openOnClick: false },
      }),
    ],
    content: html,
    editorProps: {
      attributes: {
        class: 'prose-words min-h-16',
        role: 'textbox',
        'aria-multiline': 'true',
        'aria-label': 'Words',
        'data-field': 'words',
      },
    },
    onBlur: ({ editor: now }) => {
      if (now.isEditable && now.getHTML() !== initial()) void onSay(now.getHTML());
    },
  });
  // What the editor itself makes of the given HTML, so that merely looking holds nothing.
  function initial(): string {
    return (editor.storage as unknown as { initial?: string }).initial ?? '';
  }
  if ((editor.storage as unknown as { initial?: string }).initial === undefined)
    (editor.storage as unknown as { initial?: string }).initial = editor.getHTML();

  const tool = (name: string, label: string, mark: ReactNode, run: () => void) => (
    <button
      key={label}
      type="button"
      aria-label={label}
      title={label}
      aria-pressed={editor.isActive(name)}
      onMouseDown={(e) => {
        e.preventDefault();
      }}
      onClick={run}
      className={clsx('rounded p-1 hover:bg-shade', editor.isActive(name) ? 'bg-you-soft text-you' : 'text-mute')}
    >
      {mark}
    </button>
  );
  return (
    <div className="group">
      <div className="hidden gap-0.5 group-focus-within:mb-1 group-focus-within:flex" role="toolbar" aria-label="Form of the words">
        {tool('heading', 'Heading', <TextHTwoIcon size={16} />, () => {
          editor.chain().focus().toggleHeading({ level: 2 }).run();
        })}
        {tool('bold', 'Strong', <TextBIcon size={16} />, () => {
          editor.chain().focus().toggleBold().run();
        })}
        {tool('italic', 'Emphasis', <TextItalicIcon size={16} />, () => {
          editor.chain().focus().toggleItalic().run();
        })}
        {tool('bulletList', 'List', <ListBulletsIcon size={16} />, () => {
          editor.chain().focus().toggleBulletList().run();
        })}
        {tool('orderedList', 'Numbered list', <ListNumbersIcon size={16} />, () => {
          editor.chain().focus().toggleOrderedList().run();
        })}
      </div>
      <EditorContent
        editor={editor}
        className="rounded-sm border-b-[1.5px] border-line pb-1 focus-within:border-you focus-within:bg-you-soft/40"
      />
    </div>
  );
}
