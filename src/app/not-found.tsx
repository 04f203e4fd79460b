import Link from "next/link";

export default function NotFound() {
  return (
    <section className="rounded-xl border border-line bg-card p-6">
      <h2 className="text-2xl">There is nothing on this page</h2>
      <p className="mt-2">
        There is no such bench. Your project is safe:{" "}
        <Link className="underline" href="/">
          go to the pieces
        </Link>
        .
      </p>
    </section>
  );
}
