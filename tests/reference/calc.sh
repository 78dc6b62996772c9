#!/usr/bin/env bash
# Takes a table of outings through a spreadsheet and back: LibreOffice Calc (Debian's libreoffice-calc) opens the CSV, stores it as an
# OpenDocument spreadsheet, and writes that out as CSV again. Both tables are frozen in data/; OutingsTableTest holds them together.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/../.."
work="$(mktemp -d)"
export APP_ENV=prod KONTRAST_DB="$work/k.sqlite"
php bin/console doctrine:migrations:migrate -n -q
php bin/console kontrast:import demo/logbook.json > /dev/null
php -r '
    $season = json_decode((string) shell_exec("php demo/season.php 2026"), true);
    $season["outings"] = array_slice($season["outings"], 0, 1);
    $season["outings"][0]["note"] = "=1+2, and \"quoted\"; über\nsecond line";
    $season["outings"][0]["stints"][0]["events"][] = ["at" => $season["outings"][0]["stints"][0]["started_at"], "kind" => "landed",
        "length_in" => 14.25, "weight_oz" => 28, "colours_seen" => ["blue", "orange"], "note" => "No. 007"];
    echo json_encode($season, JSON_PRESERVE_ZERO_FRACTION);' > "$work/one.json"
php bin/console kontrast:log "$work/one.json" > /dev/null
php bin/console kontrast:log --csv > "$work/outings.csv"
cp "$work/outings.csv" tests/reference/data/outings-before-calc.csv
cd "$work"
soffice --headless --convert-to ods --infilter='CSV:44,34,76,1' outings.csv > /dev/null
rm outings.csv
soffice --headless --convert-to 'csv:Text - txt - csv (StarCalc):44,34,76,1' outings.ods > /dev/null
cd - > /dev/null
cp "$work/outings.csv" tests/reference/data/outings-through-calc.csv
rm -r "$work"
