import { useEffect, useState } from 'react';
import { RoomHead } from './RoomHead.tsx';

const FILE = '/licences.txt';

/** The notices of everything by others that ships with the application. */
export default function Licences() {
  const [text, setText] = useState<string | null>(null);
  useEffect(() => {
    fetch(FILE)
      .then((answer) => (answer.ok ? answer.text() : Promise.reject(new Error(String(answer.status)))))
      .then(setText)
      .catch(() => setText('The notices are made when the application is built; here they are not.'));
  }, []);
  return (
    <>
      <RoomHead title="Notices" />
      <main className="mx-auto max-w-3xl px-4 py-6">
        <p>
          <a href={FILE} download className="text-fired underline">
            The notices as a file
          </a>
        </p>
        <pre className="figure mt-3 whitespace-pre-wrap text-[12px]">{text ?? 'Opening …'}</pre>
      </main>
    </>
  );
}
