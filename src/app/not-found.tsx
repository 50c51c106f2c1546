import Link from "next/link";

export default function NotFound() {
  return (
    <div className="mx-auto max-w-xl py-16 text-center">
      <h1 className="mb-3 text-3xl font-bold">There is no such page</h1>
      <p className="mb-6 text-lg text-muted">
        The address may be mistyped or from another version.
      </p>
      <Link href="/" className="button button-primary">
        To the neck
      </Link>
    </div>
  );
}
