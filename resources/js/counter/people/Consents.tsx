interface Props {
  consents: { consent: string; where: string; at: string }[];
}

/** What somebody agreed to, where and when. */
export function Consents({ consents }: Props) {
  return (
    <>
      <h2 className="mt-5 mb-1 text-[12.5px] text-mute">Agreed to</h2>
      {consents.length === 0 ? (
        <p className="text-mute">To nothing but what an order needs.</p>
      ) : (
        <ul className="text-[14px]">
          {consents.map((one) => (
            <li key={one.at}>
              “{one.consent}” at the {one.where}, {one.at}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
