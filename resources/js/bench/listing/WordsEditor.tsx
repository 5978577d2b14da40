import {
  ImageIcon,
  LinkIcon,
  ListBulletsIcon,
  ListNumbersIcon,
  TextBIcon,
  TextHTwoIcon,
  TextItalicIcon,
} from '@phosphor-icons/react';
import Image from '@tiptap/extension-image';
import { EditorContent, useEditor } from '@tiptap/react';
import StarterKit from '@tiptap/starter-kit';
import { clsx } from 'clsx';
import { Popover } from 'radix-ui';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { send } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { HtmlView, PictureView } from '@/types/bench';

interface Props {
  html: string;
  /** Pictures of the listing, which may stand in the words. */
  pictures: PictureView[];
  onSay: (html: string) => Promise<boolean>;
}

/** Looks like Markdown rather than prose: a heading, a list, emphasis or a link in its signs. */
const MARKDOWN = /^#{1,4} |^\s*[-*+] \S|^\s*\d+\. \S|\*\*[^*\n]+\*\*|\[[^\]\n]+\]\([^)\n]+\)/m;

/**
 * The description. What is pasted is cut down to headings, lists, emphasis, links and the stall's pictures; the server
 * cleans it once more.
 */
export function WordsEditor({ html, pictures, onSay }: Props) {
  const handle = useHandle();
  // What stands, or was said and is to be answered: as the editor itself makes it of the given HTML, so that merely
  // looking holds nothing.
  const said = useRef<string | null>(null);
  const waiting = useRef(0);
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
      Image,
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
      handlePaste: (_view, event) => {
        const text = event.clipboardData?.getData('text/plain') ?? '';
        if (event.clipboardData?.getData('text/html') || !MARKDOWN.test(text)) return false;
        void send<HtmlView>('POST', route('bench.markdown', handle), { text })
          .then((answer) => editor.chain().focus().insertContent(answer.html).run())
          .catch(() => editor.chain().focus().insertContent(text).run());
        return true;
      },
    },
    onCreate: ({ editor: now }) => {
      said.current = now.getHTML();
    },
    onBlur: ({ editor: now }) => {
      const typed = now.getHTML();
      if (said.current === null || typed === said.current) return;
      const before = said.current;
      said.current = typed;
      waiting.current += 1;
      void onSay(typed).then((ok) => {
        waiting.current -= 1;
        if (!ok && said.current === typed) said.current = before;
      });
    },
  });
  // An answer is laid only where nothing is typed that it doesn't know of.
  useEffect(() => {
    if (said.current === null || waiting.current > 0 || editor.getHTML() !== said.current) return;
    editor.commands.setContent(html, { emitUpdate: false });
    said.current = editor.getHTML();
  }, [editor, html]);

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
  const ready = pictures.filter((p) => p.url !== null);
  return (
    <div className="group">
      <div
        className="hidden items-center gap-0.5 group-focus-within:mb-1 group-focus-within:flex"
        role="toolbar"
        aria-label="Form of the words"
      >
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
        <LinkTool
          active={editor.isActive('link')}
          onLink={(href) => editor.chain().focus().extendMarkRange('link').setLink({ href }).run()}
        />
        {ready.length > 0 && (
          <Popover.Root>
            <Popover.Trigger aria-label="Picture" title="Picture" className="rounded p-1 text-mute hover:bg-shade">
              <ImageIcon size={16} />
            </Popover.Trigger>
            <Popover.Portal>
              <Popover.Content
                aria-label="Pictures for the words"
                sideOffset={6}
                className={clsx(
                  'z-30 flex max-w-[320px] flex-wrap gap-2 rounded-lg border border-line bg-sheet p-3',
                  'shadow-xl shadow-black/10',
                )}
              >
                {ready.map((p, n) => (
                  <Popover.Close key={p.id} asChild>
                    <button
                      type="button"
                      aria-label={`Put picture ${String(n + 1)} into the words`}
                      onClick={() =>
                        editor
                          .chain()
                          .focus()
                          .setImage({ src: p.url ?? '', alt: p.alt })
                          .run()
                      }
                      className="size-16 overflow-hidden rounded-md border border-line"
                    >
                      <img src={p.url ?? ''} alt="" className="size-full object-cover" />
                    </button>
                  </Popover.Close>
                ))}
              </Popover.Content>
            </Popover.Portal>
          </Popover.Root>
        )}
        <span className="ml-auto text-[12px] text-mute">Markdown can be pasted</span>
      </div>
      <EditorContent
        editor={editor}
        className={clsx(
          'rounded-sm border-b-[1.5px] border-line pb-1 focus-within:border-you',
          'focus-within:bg-you-soft/40 [&_img]:max-h-40 [&_img]:rounded-md',
        )}
      />
    </div>
  );
}

function LinkTool({ active, onLink }: { active: boolean; onLink: (href: string) => void }) {
  const [href, setHref] = useState('https://');
  return (
    <Popover.Root>
      <Popover.Trigger
        aria-label="Link"
        title="Link"
        className={clsx('rounded p-1 hover:bg-shade', active ? 'bg-you-soft text-you' : 'text-mute')}
      >
        <LinkIcon size={16} />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label="Link"
          sideOffset={6}
          className="z-30 flex gap-2 rounded-lg border border-line bg-sheet p-3 shadow-xl shadow-black/10"
        >
          <input
            value={href}
            aria-label="Where the link leads"
            onChange={(e) => setHref(e.target.value)}
            className="w-64 border-b border-rule bg-transparent focus:border-you"
          />
          <Popover.Close asChild>
            <button type="button" className="font-medium text-you underline" onClick={() => onLink(href)}>
              Link it
            </button>
          </Popover.Close>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
