#include "record/server/postgres_schema.h"

namespace bh {

// The server writes nothing that the program would not write: it checks every value, makes the hashed text itself, verifies the
// station's signature, and takes a file only when its bytes are what its name says.
const char* const servers_step_2 = R"sql(
-- Files beside the record ---------------------------------------------------------------------------------------------------
ALTER TABLE chunks RENAME TO chunks_1;
ALTER TABLE attachments RENAME TO attachments_1;
-- Whole ones, one for each content. hash: SHA-256 of the bytes; of the older flight logs (.flight.gz, .csv.gz), of their CSV text.
CREATE TABLE attachments (
  hash text PRIMARY KEY CHECK (hash ~ '^[0-9a-f]{64}$'), ending text NOT NULL, kind text NOT NULL, size bigint NOT NULL CHECK (size >= 0),
  CHECK ((kind = 'log' AND ending IN ('.pack.gz', '.text.gz', '.flight.gz', '.csv.gz')) OR (kind = 'sticks' AND ending = '.csv.gz')));
CREATE TABLE chunks (hash text NOT NULL REFERENCES attachments ON DELETE CASCADE, position int NOT NULL, bytes bytea NOT NULL,
  PRIMARY KEY (hash, position));
ALTER TABLE chunks ALTER COLUMN bytes SET STORAGE EXTERNAL; -- compressed already
-- Recordings of records before version 9 had other names, by which their entries know them.
CREATE TABLE older_names (name text PRIMARY KEY CHECK (name ~ '^[A-Za-z0-9_][A-Za-z0-9 ._-]{0,150}$'),
  hash text NOT NULL REFERENCES attachments ON DELETE CASCADE);
-- What a login is sending, out of everybody else's way until it is whole.
CREATE TABLE uploads (login text NOT NULL, hash text NOT NULL, ending text NOT NULL, kind text NOT NULL, size bigint NOT NULL,
  PRIMARY KEY (login, hash));
CREATE TABLE upload_chunks (login text NOT NULL, hash text NOT NULL, position int NOT NULL, bytes bytea NOT NULL,
  PRIMARY KEY (login, hash, position), FOREIGN KEY (login, hash) REFERENCES uploads ON DELETE CASCADE);
ALTER TABLE upload_chunks ALTER COLUMN bytes SET STORAGE EXTERNAL;
CREATE TABLE erased_files (hash text PRIMARY KEY);
CREATE TABLE left_out (name text NOT NULL, size bigint NOT NULL, at timestamptz NOT NULL DEFAULT now()); -- what had no good name
CREATE TABLE used_today (login text PRIMARY KEY, day date NOT NULL, bytes bigint NOT NULL, entries bigint NOT NULL);

CREATE TEMP TABLE found ON COMMIT DROP AS
  SELECT a.name, a.kind, a.size, encode(sha256(coalesce((SELECT string_agg(c.bytes, ''::bytea ORDER BY c.position) FROM chunks_1 c
    WHERE c.name = a.name), ''::bytea)), 'hex') AS digest, substr(a.name, 65) AS ending FROM attachments_1 a WHERE a.whole;
CREATE TEMP TABLE good ON COMMIT DROP AS
  SELECT DISTINCT ON (hash) name, kind, size, ending, hash, older FROM (
    SELECT name, kind, size, ending, digest AS hash, false AS older, 1 AS rank FROM found
      WHERE name = digest || ending AND ((kind = 'log' AND ending IN ('.pack.gz', '.text.gz')) OR (kind = 'sticks' AND ending = '.csv.gz'))
    UNION ALL SELECT name, kind, size, ending, left(name, 64), false, 2 FROM found
      WHERE kind = 'log' AND name ~ '^[0-9a-f]{64}[.](flight|csv)[.]gz$'
    UNION ALL SELECT name, kind, size, '.csv.gz', digest, true, 3 FROM found
      WHERE kind = 'sticks' AND name <> digest || '.csv.gz' AND name !~ '^[0-9a-f]{64}' AND name ~ '^[A-Za-z0-9_][A-Za-z0-9 ._-]{0,150}$'
  ) f ORDER BY hash, rank;
INSERT INTO attachments SELECT hash, ending, kind, size FROM good;
INSERT INTO chunks SELECT g.hash, c.position, c.bytes FROM good g JOIN chunks_1 c USING (name);
INSERT INTO older_names SELECT name, hash FROM good WHERE older;
INSERT INTO left_out (name, size) SELECT name, size FROM found WHERE name NOT IN (SELECT name FROM good);
DROP FUNCTION put_chunk(text, text, bigint, int, bytea), erase_attachment(text), append_entries(jsonb),
  note_session_time(text, float8, float8, bigint, text);
DROP TABLE chunks_1, attachments_1;

-- What a login that is no coordinator's may send in a day.
CREATE FUNCTION use_up(more_bytes bigint, more_entries bigint) RETURNS void LANGUAGE plpgsql AS $$
DECLARE used used_today;
BEGIN
  IF login_may() >= 3 THEN RETURN; END IF;
  INSERT INTO used_today VALUES (session_user, current_date, more_bytes, more_entries)
    ON CONFLICT (login) DO UPDATE SET day = current_date,
      bytes = excluded.bytes + CASE WHEN used_today.day = current_date THEN used_today.bytes ELSE 0 END,
      entries = excluded.entries + CASE WHEN used_today.day = current_date THEN used_today.entries ELSE 0 END
    RETURNING * INTO used;
  IF used.bytes > 4294967296 THEN
    RAISE EXCEPTION 'this login (%) has sent its 4 GB of today', session_user USING ERRCODE = 'HG005';
  ELSIF used.entries > 20000 THEN
    RAISE EXCEPTION 'this login (%) has written its 20,000 entries of today', session_user USING ERRCODE = 'HG005';
  END IF;
END $$;

-- A flight log or a recording, chunk by chunk. 'more': go on; 'whole': it is there, from whomever; 'other': what came is not what its
-- name says, and is thrown away; 'erased': nobody shall have it any more.
CREATE FUNCTION put_chunk(file text, file_ending text, file_kind text, file_size bigint, place int, content bytea) RETURNS text
LANGUAGE plpgsql SECURITY DEFINER SET search_path = hangar, pg_temp SET lock_timeout = '1500ms' AS $$
DECLARE me text := session_user; began uploads; digest text;
BEGIN
  IF file IS NULL OR file !~ '^[0-9a-f]{64}$' THEN
    RAISE EXCEPTION 'a file is named by 64 hex digits' USING ERRCODE = 'HG002';
  ELSIF (file_kind, file_ending) NOT IN (('log', '.pack.gz'), ('log', '.text.gz'), ('sticks', '.csv.gz')) IS NOT FALSE THEN
    RAISE EXCEPTION 'a file is a log (.pack.gz, .text.gz) or a recording of sticks (.csv.gz)' USING ERRCODE = 'HG002';
  ELSIF file_size NOT BETWEEN 1 AND 268435456 IS NOT FALSE THEN
    RAISE EXCEPTION 'a file has at most 256 MB' USING ERRCODE = 'HG002';
  ELSIF content IS NULL OR length(content) NOT BETWEEN 1 AND 262144 OR place NOT BETWEEN 0 AND 1023 IS NOT FALSE THEN
    RAISE EXCEPTION 'a chunk has at most 256 KB' USING ERRCODE = 'HG002';
  END IF;
  IF EXISTS (SELECT FROM erased_files WHERE hash = file) THEN RETURN 'erased'; END IF;
  IF EXISTS (SELECT FROM attachments WHERE hash = file) THEN RETURN 'whole'; END IF;
  PERFORM use_up(length(content), 0);
  IF place = 0 THEN -- from the beginning, whatever came before
    DELETE FROM uploads WHERE login = me AND hash = file;
    INSERT INTO uploads VALUES (me, file, file_ending, file_kind, file_size);
  END IF;
  SELECT * INTO began FROM uploads WHERE login = me AND hash = file;
  IF began.hash IS NULL OR (began.ending, began.kind, began.size) IS DISTINCT FROM (file_ending, file_kind, file_size) THEN
    RAISE EXCEPTION 'a file is sent from its beginning' USING ERRCODE = 'HG002';
  END IF;
  INSERT INTO upload_chunks VALUES (me, file, place, content) ON CONFLICT (login, hash, position) DO UPDATE SET bytes = excluded.bytes;
  IF (SELECT sum(length(bytes)) FROM upload_chunks WHERE login = me AND hash = file) < file_size THEN RETURN 'more'; END IF;
  SELECT encode(sha256(string_agg(bytes, ''::bytea ORDER BY position)), 'hex') INTO digest FROM upload_chunks WHERE login = me AND hash = file;
  IF digest = file THEN
    INSERT INTO attachments VALUES (file, file_ending, file_kind, file_size) ON CONFLICT DO NOTHING;
    IF FOUND THEN INSERT INTO chunks SELECT hash, position, bytes FROM upload_chunks WHERE login = me AND hash = file; END IF;
  END IF;
  DELETE FROM uploads WHERE login = me AND hash = file;
  RETURN CASE WHEN digest = file THEN 'whole' ELSE 'other' END;
END $$;

-- By its hash, or by its older name.
CREATE FUNCTION erase_attachment(file text) RETURNS void LANGUAGE plpgsql SECURITY DEFINER SET search_path = hangar, pg_temp
SET lock_timeout = '1500ms' AS $$
DECLARE named text := coalesce((SELECT hash FROM older_names WHERE name = file), file);
BEGIN
  IF login_may() < 3 THEN
    RAISE EXCEPTION 'the server lets only a coordinator''s login erase' USING ERRCODE = 'HG002';
  END IF;
  INSERT INTO erased_files VALUES (named) ON CONFLICT DO NOTHING;
  DELETE FROM uploads WHERE hash = named;
  DELETE FROM attachments WHERE hash = named;
END $$;

-- Signatures: Ed25519 (RFC 8032) with numbers of PostgreSQL's own, as it has no function for it --------------------------------
CREATE FUNCTION number_of(little_endian bytea) RETURNS numeric LANGUAGE plpgsql IMMUTABLE AS $$
DECLARE n numeric := 0;
BEGIN
  FOR i IN REVERSE length(little_endian) / 4 - 1 .. 0 LOOP
    n := n * 4294967296 + (get_byte(little_endian, 4 * i) + get_byte(little_endian, 4 * i + 1) * 256::bigint
         + get_byte(little_endian, 4 * i + 2) * 65536::bigint + get_byte(little_endian, 4 * i + 3) * 16777216::bigint);
  END LOOP;
  RETURN n;
END $$;
CREATE FUNCTION inverse_of(a numeric, p numeric) RETURNS numeric LANGUAGE plpgsql IMMUTABLE AS $$
DECLARE r0 numeric := p; r1 numeric := (a % p + p) % p; t0 numeric := 0; t1 numeric := 1; q numeric; x numeric;
BEGIN -- Euclid's algorithm, extended
  WHILE r1 <> 0 LOOP
    q := div(r0, r1);
    x := r0 - q * r1; r0 := r1; r1 := x;
    x := t0 - q * t1; t0 := t1; t1 := x;
  END LOOP;
  RETURN (t0 + p) % p;
END $$;
CREATE FUNCTION power_of(base numeric, exponent numeric, p numeric) RETURNS numeric LANGUAGE plpgsql IMMUTABLE AS $$
DECLARE r numeric := 1;
BEGIN
  WHILE exponent > 0 LOOP
    IF exponent % 2 = 1 THEN r := r * base % p; END IF;
    base := base * base % p;
    exponent := div(exponent, 2);
  END LOOP;
  RETURN r;
END $$;
-- Multiples of the base point (key 'base', windows of 8 bits) and of stations' keys (of 4, which are made in a tenth of the time):
-- those of digit * 2^(bits * window) at window * 2^bits + digit, in extended
-- coordinates as they are added: Y-X, Y+X, 2dT, 2Z (Hisil, Wong, Carter and Dawson 2008, section 3.1).
CREATE TABLE curve_points (key text NOT NULL, place int NOT NULL, y_less_x numeric NOT NULL, y_and_x numeric NOT NULL, t2d numeric NOT NULL,
  z2 numeric NOT NULL, PRIMARY KEY (key, place));
CREATE FUNCTION add_points(of_key text, x numeric, y numeric, bits int) RETURNS void LANGUAGE plpgsql AS $$
DECLARE
  p CONSTANT numeric := 57896044618658097711785492504343953926634992332820282019728792003956564819949; -- 2^255 - 19
  d CONSTANT numeric := 37095705934669439343138083508754565189542113879843219016388785533085940283555; -- -121665/121666
  x1 numeric; y1 numeric; z1 numeric := 1; t1 numeric := x * y % p; x2 numeric := x; y2 numeric := y;
  less numeric; plus numeric; t2d numeric; z2 numeric; a numeric; b numeric; c numeric; e numeric; f numeric; g numeric; h numeric;
BEGIN
  FOR w IN 0 .. 256 / bits - 1 LOOP
    less := (y2 - x2) % p; plus := (y2 + x2) % p; t2d := 2 * d * t1 % p; z2 := 2 * z1 % p;
    x1 := 0; y1 := 1; z1 := 1; t1 := 0;
    FOR digit IN 1 .. 1 << bits LOOP
      a := (y1 - x1) * less; b := (y1 + x1) * plus; c := t1 * t2d; e := z1 * z2;
      f := (e - c) % p; g := (e + c) % p; h := (b + a) % p; e := (b - a) % p;
      x1 := e * f % p; y1 := g * h % p; t1 := e * h % p; z1 := f * g % p;
      IF digit < 1 << bits THEN
        INSERT INTO curve_points VALUES (of_key, (w << bits) + digit, (y1 - x1) % p, (y1 + x1) % p, 2 * d * t1 % p, 2 * z1 % p);
      END IF;
    END LOOP;
    x2 := x1; y2 := y1;
  END LOOP;
END $$;
-- The sum of s times the base point and k times a key, as x and y. s, k: little-endian numbers of 32 bytes.
CREATE FUNCTION sum_of(s bytea, k bytea, of_key text) RETURNS numeric[] LANGUAGE plpgsql STABLE AS $$
DECLARE
  p CONSTANT numeric := 57896044618658097711785492504343953926634992332820282019728792003956564819949;
  x1 numeric := 0; y1 numeric := 1; z1 numeric := 1; t1 numeric := 0; of_base int[] := '{}'; of_it int[] := '{}'; r record;
  a numeric; b numeric; c numeric; e numeric; f numeric; g numeric; h numeric;
BEGIN
  FOR w IN 0 .. 31 LOOP
    IF get_byte(s, w) > 0 THEN of_base := of_base || (w * 256 + get_byte(s, w)); END IF;
    IF get_byte(k, w) & 15 > 0 THEN of_it := of_it || (w * 32 + (get_byte(k, w) & 15)); END IF;
    IF get_byte(k, w) >> 4 > 0 THEN of_it := of_it || (w * 32 + 16 + (get_byte(k, w) >> 4)); END IF;
  END LOOP;
  FOR r IN SELECT q.y_less_x, q.y_and_x, q.t2d, q.z2 FROM curve_points q
           WHERE (q.key = 'base' AND q.place = ANY(of_base)) OR (q.key = of_key AND q.place = ANY(of_it)) LOOP
    a := (y1 - x1) * r.y_less_x; b := (y1 + x1) * r.y_and_x; c := t1 * r.t2d; e := z1 * r.z2;
    f := (e - c) % p; g := (e + c) % p; h := (b + a) % p; e := (b - a) % p;
    x1 := e * f % p; y1 := g * h % p; t1 := e * h % p; z1 := f * g % p;
  END LOOP;
  z1 := inverse_of(z1, p);
  RETURN ARRAY[(x1 * z1 % p + p) % p, (y1 * z1 % p + p) % p];
END $$;
CREATE FUNCTION bytes_of(n numeric) RETURNS bytea LANGUAGE plpgsql IMMUTABLE AS $$
DECLARE b bytea := decode(repeat('00', 32), 'hex'); q numeric;
BEGIN -- little-endian, 32
  FOR i IN 0 .. 31 LOOP
    q := div(n, 256);
    b := set_byte(b, i, (n - q * 256)::int);
    n := q;
  END LOOP;
  RETURN b;
END $$;
-- Remembers a station's key; false: it is none.
CREATE FUNCTION learn_key(public_key text) RETURNS boolean LANGUAGE plpgsql AS $$
DECLARE
  p CONSTANT numeric := 57896044618658097711785492504343953926634992332820282019728792003956564819949;
  d CONSTANT numeric := 37095705934669439343138083508754565189542113879843219016388785533085940283555;
  l CONSTANT numeric := 7237005577332262213973186563042994240857116359379907606001950938285454250989;
  k bytea := decode(public_key, 'hex'); y numeric; u numeric; x numeric;
BEGIN
  IF EXISTS (SELECT FROM curve_points WHERE key = public_key AND place = 1) THEN RETURN true; END IF;
  y := number_of(set_byte(k, 31, get_byte(k, 31) & 127));
  IF y >= p OR y <= 1 THEN RETURN false; END IF;
  u := ((y * y - 1) % p) * inverse_of(d * (y * y % p) + 1, p) % p;
  x := power_of(u, div(p + 3, 8), p);
  IF (x * x - u) % p <> 0 THEN x := x * power_of(2, div(p - 1, 4), p) % p; END IF;
  IF (x * x - u) % p <> 0 OR x = 0 THEN RETURN false; END IF;
  IF x % 2 <> get_byte(k, 31) >> 7 THEN x := p - x; END IF;
  PERFORM add_points(public_key, x, y, 4);
  -- Of the subgroup that all honest keys are in.
  RETURN sum_of(decode(repeat('00', 32), 'hex'), bytes_of(l), public_key) = ARRAY[0, 1]::numeric[];
END $$;
CREATE FUNCTION is_signed(public_key text, message text, signature text) RETURNS boolean LANGUAGE plpgsql STABLE AS $$
DECLARE
  l CONSTANT numeric := 7237005577332262213973186563042994240857116359379907606001950938285454250989;
  given bytea; k bytea := decode(public_key, 'hex'); h numeric; r numeric[];
BEGIN
  IF signature !~ '^[0-9a-f]{16}:[A-Za-z0-9+/]{86}==$' OR left(signature, 16) <> left(public_key, 16) THEN RETURN false; END IF;
  given := decode(substr(signature, 18), 'base64');
  IF translate(encode(given, 'base64'), E'\n', '') <> substr(signature, 18) OR number_of(substr(given, 33, 32)) >= l THEN RETURN false; END IF;
  h := number_of(sha512(substr(given, 1, 32) || k || convert_to(message, 'UTF8'))) % l;
  r := sum_of(substr(given, 33, 32), bytes_of((l - h) % l), public_key);
  RETURN r[2] <> 1 AND number_of(set_byte(substr(given, 1, 32), 31, get_byte(given, 31) & 127)) = r[2]
    AND r[1] % 2 = get_byte(given, 31) >> 7;
END $$;
SELECT add_points('base', 15112221349535400772501151409588531511454012693041857206046113283949847762202,
                  46316835694926478169428394003475163141307993866256225615783033603165251855960, 8);

-- Which login signs with which keys: a station's or an instructor's with one.
CREATE TABLE station_keys (public_key text PRIMARY KEY, login text NOT NULL);
CREATE INDEX station_keys_by_login ON station_keys (login);

-- Entries -------------------------------------------------------------------------------------------------------------------
-- What the body of each kind holds, as the program writes it.
CREATE TABLE body_fields (kind text NOT NULL, name text NOT NULL, shape text NOT NULL, needed boolean NOT NULL, PRIMARY KEY (kind, name));

-- What is wrong with a body; null: nothing.
CREATE FUNCTION body_problem(of_kind text, of_subject text, body text, says jsonb) RETURNS text LANGUAGE plpgsql STABLE AS $$
DECLARE wrong text;
BEGIN
  IF jsonb_typeof(says) <> 'object' THEN RETURN 'is no object'; END IF;
  IF NOT EXISTS (SELECT FROM body_fields WHERE kind = of_kind) THEN RETURN 'is of a kind that is not known here'; END IF;
  SELECT CASE WHEN f.name IS NULL THEN format('has a "%s" that none has', left(e.key, 40))
              WHEN e.key IS NULL THEN format('has no "%s"', f.name) ELSE format('has a "%s" that is no %s', f.name, f.shape) END INTO wrong
    FROM (SELECT name, shape, needed FROM body_fields WHERE kind = of_kind AND name <> '') f
    FULL JOIN jsonb_each(says) e ON e.key = f.name
    WHERE f.name IS NULL OR (e.key IS NULL AND f.needed) OR (e.key IS NOT NULL AND NOT CASE f.shape
      WHEN 'text' THEN jsonb_typeof(e.value) = 'string'
      WHEN 'number' THEN jsonb_typeof(e.value) = 'number'
      WHEN 'whole number' THEN CASE jsonb_typeof(e.value) WHEN 'number' THEN trunc(e.value::numeric) = e.value::numeric ELSE false END
      WHEN 'time' THEN CASE jsonb_typeof(e.value) WHEN 'number' THEN
        trunc(e.value::numeric) = e.value::numeric AND e.value::numeric BETWEEN 0 AND 253402300799 ELSE false END
      WHEN 'truth' THEN jsonb_typeof(e.value) = 'boolean'
      WHEN 'list' THEN jsonb_typeof(e.value) = 'array'
      WHEN 'object' THEN jsonb_typeof(e.value) = 'object'
      WHEN 'object or nothing' THEN jsonb_typeof(e.value) IN ('object', 'null')
      WHEN 'text or nothing' THEN jsonb_typeof(e.value) IN ('string', 'null')
      WHEN 'object or list' THEN jsonb_typeof(e.value) IN ('object', 'array')
      WHEN 'sealed name' THEN jsonb_typeof(e.value) = 'object' AND jsonb_typeof(e.value->'sealed') = 'string'
      WHEN 'key' THEN e.value #>> '{}' ~ '^[0-9a-f]{64}$'
      WHEN 'hash' THEN e.value #>> '{}' ~ '^([0-9a-f]{64})?$'
      WHEN 'nought' THEN e.value = '0'
      ELSE false END) LIMIT 1;
  IF wrong IS NOT NULL THEN RETURN wrong; END IF;
  IF regexp_replace(body, '"([^"\\]|\\.)*"', '""', 'g') ~ '[[:space:]]' THEN RETURN 'has white space between its values'; END IF;
  IF (SELECT count(*) FROM json_object_keys(body::json)) <> (SELECT count(*) FROM jsonb_object_keys(says)) THEN
    RETURN 'says something twice';
  END IF;
  IF jsonb_path_exists(says, 'strict $.** ? (@.type() == "number" && (@ > 1000000000000 || @ < -1000000000000))', silent => true) THEN
    RETURN 'holds a number beyond 10^12';
  END IF;
  IF jsonb_path_exists(says, 'strict $.**{100 to last}', silent => true) THEN RETURN 'is nested deeper than 100'; END IF;
  IF of_kind = 'document' AND of_subject <> (says->>'kind') || '/' || (says->>'id') THEN RETURN 'is another document than its subject says'; END IF;
  IF of_kind IN ('key', 'admitted') AND of_subject <> says->>'public_key' THEN RETURN 'is another key than its subject says'; END IF;
  IF of_kind = 'session' AND NOT ((says->>'active_s')::numeric >= 0 AND (says->>'idle_s')::numeric >= 0
      AND (says->>'active_s')::numeric + (says->>'idle_s')::numeric <= 86400) THEN
    RETURN 'says more than 24 hours of practice, or less than none';
  END IF;
  IF of_kind = 'attempt' AND NOT (says->>'score')::numeric BETWEEN 0 AND 100 THEN RETURN 'has a score beyond 0 to 100'; END IF;
  RETURN NULL;
END $$;

-- The one way to write entries. batch: {"follows": number of the newest entry, "previous": its hash, "entries": [{"at", "who", "kind",
-- "subject", "supersedes", "why", "body": JSON as text, "signature"}], "keys": {person: key to the name}}. HG001: somebody was quicker;
-- HG002: this may not be written; HG004: it names another one before; HG005: so much is not taken.
CREATE FUNCTION append_entries(batch jsonb) RETURNS bigint LANGUAGE plpgsql SECURITY DEFINER SET search_path = hangar, pg_temp
SET lock_timeout = '1500ms' AS $$
DECLARE
  most CONSTANT int := 500;
  last_seq bigint := (batch->>'follows')::bigint; last_hash text := batch->>'previous'; last_at bigint; may int := login_may(); count_ int;
  newest bigint; newest_hash text; given jsonb; e entries; made entries[] := '{}'; says jsonb; key_ station_keys; named text; problem text;
  right_of text; right_ int; before entries; links text[]; linked text; of_kind text; latest bigint; known text; person text;
  ahead_s bigint := coalesce((SELECT value FROM state WHERE key = 'clock_may_be_ahead_s')::bigint, 86400);
BEGIN
  IF may < 0 THEN RAISE EXCEPTION 'this login (%) is no station''s', session_user USING ERRCODE = 'HG002'; END IF;
  IF jsonb_typeof(batch->'entries') IS DISTINCT FROM 'array' OR last_seq IS NULL OR last_hash IS NULL THEN
    RAISE EXCEPTION 'expected entries, and the one that they follow' USING ERRCODE = 'HG002';
  END IF;
  count_ := jsonb_array_length(batch->'entries');
  IF count_ NOT BETWEEN 1 AND most OR pg_column_size(batch) > 16777216 THEN
    RAISE EXCEPTION 'at most % entries and 16 MB are written at once', most USING ERRCODE = 'HG005';
  END IF;
  -- First, while others may write: what can be told of the entries alone.
  FOR given IN SELECT value FROM jsonb_array_elements(batch->'entries') LOOP
    last_seq := last_seq + 1;
    e := ROW(last_seq, (given->>'at')::bigint, given->>'who', given->>'kind', given->>'subject', (given->>'supersedes')::bigint, given->>'why',
             given->>'body', last_hash, '', given->>'signature');
    IF e.at IS NULL OR e.who IS NULL OR e.kind IS NULL OR e.subject IS NULL OR e.supersedes IS NULL OR e.why IS NULL OR e.body IS NULL
       OR e.signature IS NULL THEN
      RAISE EXCEPTION 'an entry has a time, somebody, a kind, a subject, one before, a reason, a body and a signature' USING ERRCODE = 'HG002';
    END IF;
    IF octet_length(e.who) > 200 OR octet_length(e.subject) > 500 OR octet_length(e.why) > 4000 OR octet_length(e.body) > 4194304 THEN
      RAISE EXCEPTION '"%" is too long: at most 4 MB of body, 4000 bytes of reason', left(e.kind, 40) USING ERRCODE = 'HG005';
    END IF;
    says := e.body::jsonb; -- what is no JSON is refused here
    problem := body_problem(e.kind, e.subject, e.body, says);
    IF problem IS NOT NULL THEN
      RAISE EXCEPTION '"%" is not as this program writes it: it %', left(e.kind, 40), problem USING ERRCODE = 'HG002';
    END IF;
    -- By what the login may.
    right_of := CASE e.kind WHEN 'document' THEN 'document/' || split_part(e.subject, '/', 1) ELSE e.kind END;
    right_ := coalesce((SELECT least FROM entry_rights WHERE kind = right_of), 3);
    IF e.kind = 'attempt' AND (says->>'observed')::boolean THEN right_ := greatest(right_, 2); END IF; -- by eye
    IF right_ > may THEN
      RAISE EXCEPTION 'the server lets only % write "%": this station''s login (%) may not',
        CASE right_ WHEN 3 THEN 'a coordinator''s login' WHEN 2 THEN 'an instructor''s or a coordinator''s login' ELSE 'a station' END,
        e.kind, session_user USING ERRCODE = 'HG002';
    END IF;
    -- By whom it is signed: a login's own key, or one that it brings now.
    IF e.kind = 'key' THEN named := e.subject;
    ELSIF named IS NULL OR left(e.signature, 16) <> left(named, 16) THEN
      named := (SELECT public_key FROM station_keys WHERE left(public_key, 16) = left(e.signature, 16));
      IF named IS NULL THEN -- a record that was moved here brought it along
        named := (SELECT n.subject FROM entries n WHERE n.kind = 'key' AND left(n.subject, 16) = left(e.signature, 16) LIMIT 1);
      END IF;
    END IF;
    IF named IS NULL THEN
      RAISE EXCEPTION '"%" is signed by no key that is known here', e.kind USING ERRCODE = 'HG002';
    END IF;
    SELECT * INTO key_ FROM station_keys WHERE public_key = named;
    IF key_.login IS NULL THEN
      IF may < 3 AND EXISTS (SELECT FROM station_keys WHERE login = session_user) AND NOT EXISTS ( -- let in since that one came
          SELECT FROM entries n WHERE n.kind = 'admitted' AND n.subject = named AND n.seq > (
            SELECT coalesce(max(k.seq), 0) FROM entries k JOIN station_keys o ON o.public_key = k.subject WHERE k.kind = 'key' AND o.login = session_user)) THEN
        RAISE EXCEPTION 'this login (%) is that of another station, by its key: a coordinator lets this one in first', session_user
          USING ERRCODE = 'HG002';
      END IF;
      IF NOT learn_key(named) THEN RAISE EXCEPTION 'this is no station''s key' USING ERRCODE = 'HG002'; END IF;
      IF may < 3 THEN DELETE FROM station_keys WHERE login = session_user; END IF; -- one at a time
      INSERT INTO station_keys VALUES (named, session_user) ON CONFLICT DO NOTHING;
    ELSIF key_.login <> session_user AND may < 3 THEN
      RAISE EXCEPTION 'the key of another login signs "%"', e.kind USING ERRCODE = 'HG002';
    END IF;
    -- What its hash is made of: see hashed_text().
    e.hash := encode(sha256(convert_to('[' || to_json(e.previous_hash)::text || ',' || e.seq || ',' || e.at || ',' || to_json(e.who)::text
      || ',' || to_json(e.kind)::text || ',' || to_json(e.subject)::text || ',' || e.supersedes || ',' || to_json(e.why)::text || ','
      || to_json(e.body)::text || ']', 'UTF8')), 'hex');
    IF NOT is_signed(named, e.hash, e.signature) THEN
      RAISE EXCEPTION '"%" does not carry the signature of its station', e.kind USING ERRCODE = 'HG002';
    END IF;
    IF e.kind = 'shared' AND e.subject <> left(encode(sha256(convert_to(e.body, 'UTF8')), 'hex'), 32) THEN
      RAISE EXCEPTION 'a shared entry is not what it is named by' USING ERRCODE = 'HG002';
    END IF;
    last_hash := e.hash;
    made := made || e;
  END LOOP;
  PERFORM use_up(pg_column_size(batch), count_);

  PERFORM pg_advisory_xact_lock(1112036978);
  SELECT seq, hash, at INTO newest, newest_hash, last_at FROM entries ORDER BY seq DESC LIMIT 1;
  IF coalesce(newest, 0) <> (batch->>'follows')::bigint OR coalesce(newest_hash, '') <> batch->>'previous' THEN
    RAISE EXCEPTION 'somebody was quicker' USING ERRCODE = 'HG001';
  END IF;
  last_at := coalesce(last_at, 0);
  FOREACH e IN ARRAY made LOOP
    says := e.body::jsonb;
    IF e.at < last_at AND e.kind <> 'clock' THEN
      RAISE EXCEPTION 'an entry is dated before the one before it' USING ERRCODE = 'HG002';
    ELSIF e.at < 0 OR e.at > greatest(last_at, extract(epoch FROM clock_timestamp())::bigint + ahead_s) THEN
      RAISE EXCEPTION 'an entry is dated in the future: see to the clock of this station' USING ERRCODE = 'HG002';
    END IF;
    right_of := CASE e.kind WHEN 'document' THEN 'document/' || split_part(e.subject, '/', 1) ELSE e.kind END;
    right_ := coalesce((SELECT least FROM entry_rights WHERE kind = right_of), 3);
    IF e.kind = 'attempt' AND (says->>'observed')::boolean THEN right_ := greatest(right_, 2); END IF;
    SELECT * INTO before FROM entries WHERE kind = e.kind AND subject = e.subject ORDER BY seq DESC LIMIT 1;
    -- A station ends its own sessions, and says what was looked at; whatever else it says of one that is there is a correction.
    IF e.kind = 'session' AND before.seq IS NOT NULL AND NOT (left(before.signature, 16) = left(e.signature, 16) AND
        CASE WHEN before.body::jsonb ? 'ended_at' THEN before.body::jsonb - 'viewing' = says - 'viewing'
        ELSE before.body::jsonb - '{viewing,ended_at,active_s,idle_s}'::text[] = says - '{viewing,ended_at,active_s,idle_s}'::text[] END) THEN
      right_ := greatest(right_, 2);
      IF right_ > may THEN
        RAISE EXCEPTION 'the server lets only an instructor''s or a coordinator''s login correct a session' USING ERRCODE = 'HG002';
      END IF;
    END IF;
    IF right_ > 1 AND e.kind <> 'standing' AND right_ > actor_may(e.who) THEN
      RAISE EXCEPTION 'the server lets only % write "%"',
        CASE right_ WHEN 3 THEN 'a coordinator' ELSE 'an instructor or a coordinator' END, e.kind USING ERRCODE = 'HG002';
    END IF;
    IF before.seq IS NOT NULL AND e.kind IN ('attempt', 'controller', 'calibration', 'grip_round', 'verification', 'shared', 'key', 'late', 'erased') THEN
      RAISE EXCEPTION 'there is a "%" of this name already', e.kind USING ERRCODE = 'HG002';
    END IF;
    IF coalesce(before.seq, 0) <> e.supersedes THEN
      RAISE EXCEPTION 'an entry does not name the one before of its kind and subject' USING ERRCODE = 'HG004';
    END IF;
    IF e.kind IN ('pilot', 'person') AND EXISTS (SELECT FROM entries WHERE kind = 'erased' AND subject = e.subject) THEN
      RAISE EXCEPTION 'this one was erased' USING ERRCODE = 'HG002';
    END IF;
    -- What an entry names of others, by a field of its body, is there already.
    links := CASE e.kind WHEN 'session' THEN ARRAY['pilot_id', 'pilot', 'controller_id', 'controller']
                         WHEN 'attempt' THEN ARRAY['pilot_id', 'pilot', 'session_id', 'session']
                         WHEN 'calibration' THEN ARRAY['controller_id', 'controller']
                         WHEN 'verification' THEN ARRAY['calibration_id', 'calibration']
                         WHEN 'kit' THEN ARRAY['pilot_id', 'pilot'] WHEN 'grip_round' THEN ARRAY['pilot_id', 'pilot']
                         WHEN 'stage' THEN ARRAY['pilot_id', 'pilot'] WHEN 'demonstration' THEN ARRAY['attempt_id', 'attempt']
                         ELSE '{}'::text[] END;
    FOR j IN 1 .. coalesce(array_length(links, 1), 0) / 2 LOOP
      linked := says->>links[2 * j - 1];
      CONTINUE WHEN linked = '';
      of_kind := links[2 * j];
      PERFORM 1 FROM entries WHERE kind = of_kind AND subject = linked LIMIT 1;
      IF NOT FOUND THEN RAISE EXCEPTION '"%" names a % that is not there', e.kind, of_kind USING ERRCODE = 'HG002'; END IF;
    END LOOP;
    IF e.kind = 'attempt' AND says->>'session_id' <> '' THEN
      SELECT body INTO known FROM entries WHERE kind = 'session' AND subject = says->>'session_id' ORDER BY seq DESC LIMIT 1;
      IF known::jsonb->>'pilot_id' <> says->>'pilot_id' AND may < 2 THEN
        RAISE EXCEPTION 'an "attempt" is of another pilot than its session' USING ERRCODE = 'HG002';
      END IF;
    END IF;
    INSERT INTO entries VALUES (e.seq, e.at, e.who, e.kind, e.subject, nullif(e.supersedes, 0), e.why, e.body, e.previous_hash, e.hash, e.signature);
    last_at := e.at;
    IF e.kind = 'attempt' THEN
      INSERT INTO attempts VALUES (e.subject, says->>'pilot_id', says->>'session_id', says->>'drill_id', (says->>'drill_version')::int,
        (says->>'at')::bigint, says->>'mode', (says->>'score')::float8, (says->>'passed')::boolean::int, (says->>'flown_s')::float8, '',
        says->>'log_hash', e.seq, '', coalesce(says->>'curriculum', ''), coalesce((says->>'curriculum_version')::int, 0),
        CASE WHEN (says->>'observed')::boolean THEN '1' ELSE '' END, coalesce(says->>'demonstration', ''),
        (says->>'left_minus_right')::float8, coalesce(says->>'simulator', ''), 0,
        coalesce((says->>'holds')::boolean, (says->>'passed')::boolean)::int, coalesce(says->>'world', ''),
        coalesce((e.body::json->'found')::text, ''), coalesce((e.body::json->'throttle_cuts_s')::text, '[]'));
    END IF;
    IF e.kind = 'erased' THEN DELETE FROM person_keys p WHERE p.person = e.subject; END IF;
    -- A key to a name comes with the first entry of whoever it is.
    known := batch->'keys'->>e.subject;
    IF e.kind IN ('pilot', 'person') AND known IS NOT NULL AND before.seq IS NULL THEN
      IF known !~ '^[0-9a-f]{64}$' THEN RAISE EXCEPTION 'this is no key to a name' USING ERRCODE = 'HG002'; END IF;
      INSERT INTO person_keys VALUES (e.subject, known);
    END IF;
  END LOOP;
  FOR person IN SELECT jsonb_object_keys(batch->'keys') LOOP
    IF NOT EXISTS (SELECT FROM unnest(made) m WHERE m.kind IN ('pilot', 'person') AND m.subject = person AND m.supersedes = 0) THEN
      RAISE EXCEPTION 'a key to a name comes with the first entry of whoever it is' USING ERRCODE = 'HG002';
    END IF;
  END LOOP;
  PERFORM pg_notify('hangar_entries', e.seq::text);
  RETURN e.seq;
END $$;

-- The time is given as the station wrote it down and signed it.
CREATE FUNCTION note_session_time(session text, active text, idle text, noted_at bigint, signed text) RETURNS void
LANGUAGE plpgsql SECURITY DEFINER SET search_path = hangar, pg_temp SET lock_timeout = '1500ms' AS $$
DECLARE begun text; named text;
BEGIN
  IF active !~ '^[0-9]{1,6}([.][0-9]+)?(e-?[0-9]{1,3})?$' OR idle !~ '^[0-9]{1,6}([.][0-9]+)?(e-?[0-9]{1,3})?$'
     OR active::numeric + idle::numeric > 86400 OR noted_at NOT BETWEEN 0 AND 253402300799 THEN
    RAISE EXCEPTION 'a session lasts at most 24 hours' USING ERRCODE = 'HG002';
  END IF;
  SELECT signature INTO begun FROM entries WHERE kind = 'session' AND subject = session ORDER BY seq DESC LIMIT 1;
  SELECT public_key INTO named FROM station_keys WHERE left(public_key, 16) = left(begun, 16) AND (login = session_user OR login_may() >= 3);
  IF named IS NULL OR NOT is_signed(named, 'session-time:' || session || ':' || active || ':' || idle || ':' || noted_at, signed) THEN
    RAISE EXCEPTION 'a station notes the times of its own sessions, and signs them' USING ERRCODE = 'HG002';
  END IF;
  INSERT INTO session_times VALUES (session, active::float8, idle::float8, noted_at, signed)
  ON CONFLICT (session_id) DO UPDATE SET active_s = excluded.active_s, idle_s = excluded.idle_s, at = excluded.at,
    signature = excluded.signature;
END $$;

REVOKE ALL ON ALL TABLES IN SCHEMA hangar FROM PUBLIC;
REVOKE ALL ON ALL FUNCTIONS IN SCHEMA hangar FROM PUBLIC;
GRANT SELECT ON ALL TABLES IN SCHEMA hangar TO hangar_station;
GRANT EXECUTE ON FUNCTION append_entries(jsonb), note_session_time(text, text, text, bigint, text),
  put_chunk(text, text, text, bigint, int, bytea), erase_attachment(text), login_may() TO hangar_station;
)sql";

} // namespace bh
