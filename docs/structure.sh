#!/usr/bin/env bash
# Draws which word uses which, from what each package says of itself and from the interface's imports: docs/structure.md.
set -eu
cd "$(dirname "$0")/.."

# Words that a package-info says it may use, one edge a line; its own sub-packages are not edges.
edges() { # folder of the sources
  find "$1" -name package-info.java | sort | while read -r file; do
    word=$(sed -nE 's/^package ironshelf\.(core\.)?([a-z]+).*/\2/p' "$file")
    tr '\n' ' ' < "$file" | sed -nE 's/.*May use: ([^.]*(\.[a-z]+[^.]*)*)\.? +\*\/.*/\1/p' | sed -E 's/ \* / /g; s/ +/ /g' |
      tr ',' '\n' | sed -E 's/^ +//; s/\..*//' | while read -r used || [ -n "$used" ]; do
        case "$used" in core\ *|""|nothing*|"$word") ;; *) echo "  $word --> $used" ;; esac
      done
  done | sort -u
}

{
  echo "# Who uses whom"
  echo
  echo "Made by \`docs/structure.sh\`. An arrow leads from the one who uses to the one who is used; tests hold that there"
  echo "is no way back (\`BoundaryTest\`, \`MayUseTest\`, \`npm run lint\`)."
  echo
  echo "## The sums: words of \`core\`"
  echo
  echo "All may use \`quantity\`, which is left out here."
  echo
  echo '```mermaid'
  echo "flowchart LR"
  edges core/src/main/java/ironshelf/core | grep -v -- '--> quantity'
  echo '```'
  echo
  echo "## The interface: folders of \`web/src\`"
  echo
  echo "All may use \`server\`, \`kit\`, \`api\` and \`theme\`, which are left out here, as are the routes, which lead to every page."
  echo
  echo '```mermaid'
  echo "flowchart LR"
  (cd web && npx --no-install depcruise src --config .dependency-cruiser.cjs --output-type json) 2>/dev/null |
    node -e '
      const { modules } = JSON.parse(require("fs").readFileSync(0, "utf8"));
      const word = (path) => path.split("/")[1];
      const low = ["server", "kit", "api", "theme"];
      const edges = modules.flatMap((m) =>
        m.dependencies.map((d) => [m.source, d.resolved]).filter(([a, b]) =>
          [a, b].every((p) => /^src\/[a-z]+\//.test(p)) && word(a) !== word(b) && !low.includes(word(b)) && !low.includes(word(a))));
      console.log([...new Set(edges.map(([a, b]) => `  ${word(a)} --> ${word(b)}`))].sort().join("\n"));'
  echo '```'
} > docs/structure.md
echo "docs/structure.md: $(grep -c -- '-->' docs/structure.md) arrows"
