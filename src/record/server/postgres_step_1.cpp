#include "record/server/postgres_schema.h"

namespace bh {

// Has landed: never changed again.
const char* const servers_step_1 = R"sql(
CREATE TABLE entries (
  seq bigint PRIMARY KEY, at bigint NOT NULL, who text NOT NULL, kind text NOT NULL, subject text NOT NULL,
  supersedes bigint REFERENCES entries(seq), why text NOT NULL, body text NOT NULL,
  previous_hash text NOT NULL, hash text NOT NULL UNIQUE, signature text NOT NULL);
CREATE INDEX entries_by_kind ON entries (kind, subject, seq);
-- What was handed over late is there once.
CREATE UNIQUE INDEX late_once ON entries (subject) WHERE kind = 'late';
CREATE TABLE attempts (
  id text PRIMARY KEY, pilot_id text NOT NULL, session_id text NOT NULL, drill_id text NOT NULL, drill_version int NOT NULL,
  at bigint NOT NULL, mode text NOT NULL, score float8 NOT NULL, passed int NOT NULL, flown_s float8 NOT NULL,
  summary text NOT NULL, log_hash text NOT NULL, entry bigint NOT NULL UNIQUE REFERENCES entries(seq), flown_with text NOT NULL,
  curriculum text NOT NULL, curriculum_version int NOT NULL, observed text NOT NULL, demonstration text NOT NULL,
  left_minus_right float8, simulator text NOT NULL, in_words int NOT NULL, holds int NOT NULL, world text NOT NULL,
  found text NOT NULL, cuts text NOT NULL);
CREATE TABLE person_keys (person text PRIMARY KEY, key text NOT NULL);
CREATE TABLE session_times (session_id text PRIMARY KEY, active_s float8 NOT NULL, idle_s float8 NOT NULL, at bigint NOT NULL,
  signature text NOT NULL);
CREATE TABLE attachments (name text PRIMARY KEY, kind text NOT NULL CHECK (kind IN ('log', 'sticks')), size bigint NOT NULL,
  whole boolean NOT NULL);
CREATE TABLE chunks (name text NOT NULL REFERENCES attachments(name) ON DELETE CASCADE, position int NOT NULL,
  bytes bytea NOT NULL, PRIMARY KEY (name, position));
ALTER TABLE chunks ALTER COLUMN bytes SET STORAGE EXTERNAL; -- compressed already
-- By the kind of entry, of texts with what the subject begins with: "document/rule".
CREATE TABLE entry_rights (kind text PRIMARY KEY, least int NOT NULL);
CREATE TABLE state (key text PRIMARY KEY, value text NOT NULL);

CREATE FUNCTION stay() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN RAISE EXCEPTION 'entries are never changed'; END $$;
CREATE TRIGGER entries_stay BEFORE UPDATE OR DELETE OR TRUNCATE ON entries FOR EACH STATEMENT EXECUTE FUNCTION stay();

-- How much this login may: 0 a station, 2 an instructor's, 3 a coordinator's; -1 nothing.
CREATE FUNCTION login_may() RETURNS int LANGUAGE sql STABLE AS $$
  SELECT CASE WHEN pg_has_role(session_user, 'hangar_coordinator', 'MEMBER') THEN 3
              WHEN pg_has_role(session_user, 'hangar_instructor', 'MEMBER') THEN 2
              WHEN pg_has_role(session_user, 'hangar_station', 'MEMBER') THEN 0 ELSE -1 END $$;

-- How much the one may who is said to have done it. Without a coordinator's passphrase in the school everybody is one.
CREATE FUNCTION actor_may(actor text) RETURNS int LANGUAGE plpgsql STABLE AS $$
DECLARE person jsonb;
BEGIN
  IF NOT EXISTS (
    SELECT 1 FROM entries e WHERE e.kind = 'person' AND e.seq = (
        SELECT max(seq) FROM entries WHERE kind = 'person' AND subject = e.subject)
      AND e.body::jsonb->>'role' = 'coordinator' AND coalesce((e.body::jsonb->>'active')::boolean, true)
      AND e.body::jsonb->>'passphrase' <> '') THEN RETURN 3; END IF;
  SELECT body::jsonb INTO person FROM entries WHERE kind = 'person' AND subject = actor ORDER BY seq DESC LIMIT 1;
  IF person IS NULL OR NOT coalesce((person->>'active')::boolean, true) THEN RETURN 1; END IF;
  RETURN CASE person->>'role' WHEN 'coordinator' THEN 3 WHEN 'instructor' THEN 2 ELSE 1 END;
END $$;

-- The one way to write entries. batch: {"entries": [{"text": what the hash is made of, "signature"}], "attempts": [rows],
-- "keys": {person: key to the name}}. HG001: somebody was quicker; HG002: this may not be written; HG004: it names another one before.
CREATE FUNCTION append_entries(batch jsonb) RETURNS bigint LANGUAGE plpgsql SECURITY DEFINER SET search_path = hangar, pg_temp AS $$
DECLARE
  last_seq bigint; last_hash text; last_at bigint; ignored text; given jsonb; sealed text; e jsonb; says jsonb; kind_ text; subject_ text; before bigint; right_of text; right_ int; may int; links text[]; named text; of_kind text;
  digest text;
BEGIN
  ignored := pg_advisory_xact_lock(1112036978)::text; -- as an expression: no statement is started for it
  SELECT seq, hash, at INTO last_seq, last_hash, last_at FROM entries ORDER BY seq DESC LIMIT 1;
  last_seq := coalesce(last_seq, 0); last_hash := coalesce(last_hash, ''); last_at := coalesce(last_at, 0);
  may := login_may();
  FOR i IN 0 .. jsonb_array_length(batch->'entries') - 1 LOOP
    given := batch->'entries'->i;
    sealed := given->>'text';
    e := sealed::jsonb;
    kind_ := e->>4; subject_ := e->>5;
    IF e->>0 <> last_hash OR (e->>1)::bigint <> last_seq + 1 THEN
      RAISE EXCEPTION 'somebody was quicker' USING ERRCODE = 'HG001';
    END IF;
    IF (e->>2)::bigint < last_at AND kind_ <> 'clock' THEN
      RAISE EXCEPTION 'an entry is dated before the one before it' USING ERRCODE = 'HG002';
    END IF;
    says := (e->>8)::jsonb; -- what is no JSON is refused here
    -- One small statement after the other: each costs less to start than one that asks for all at once.
    right_of := CASE kind_ WHEN 'document' THEN 'document/' || split_part(subject_, '/', 1) ELSE kind_ END;
    SELECT least INTO right_ FROM entry_rights WHERE kind = right_of;
    right_ := coalesce(right_, 3);
    IF kind_ = 'attempt' AND coalesce(says->>'observed', 'false') NOT IN ('false', '') THEN right_ := greatest(right_, 2); END IF; -- by eye
    SELECT seq INTO before FROM entries WHERE kind = kind_ AND subject = subject_ ORDER BY seq DESC LIMIT 1;
    before := coalesce(before, 0);
    IF right_ > may THEN
      RAISE EXCEPTION 'the server lets only % write "%": this station''s login (%) may not',
        CASE right_ WHEN 3 THEN 'a coordinator''s login' WHEN 2 THEN 'an instructor''s or a coordinator''s login' ELSE 'a station' END,
        kind_, session_user USING ERRCODE = 'HG002';
    END IF;
    IF right_ > 1 AND right_ > actor_may(e->>3) THEN
      RAISE EXCEPTION 'the server lets only % write "%"',
        CASE right_ WHEN 3 THEN 'a coordinator' ELSE 'an instructor or a coordinator' END, kind_ USING ERRCODE = 'HG002';
    END IF;
    -- What an entry names of others, by a field of its body, is there already.
    links := CASE kind_ WHEN 'session' THEN ARRAY['pilot_id', 'pilot', 'controller_id', 'controller']
                        WHEN 'attempt' THEN ARRAY['pilot_id', 'pilot', 'session_id', 'session']
                        WHEN 'calibration' THEN ARRAY['controller_id', 'controller']
                        WHEN 'verification' THEN ARRAY['calibration_id', 'calibration']
                        WHEN 'kit' THEN ARRAY['pilot_id', 'pilot'] WHEN 'grip_round' THEN ARRAY['pilot_id', 'pilot']
                        WHEN 'stage' THEN ARRAY['pilot_id', 'pilot'] WHEN 'demonstration' THEN ARRAY['attempt_id', 'attempt']
                        ELSE '{}'::text[] END;
    FOR j IN 1 .. coalesce(array_length(links, 1), 0) / 2 LOOP
      named := says->>links[2 * j - 1];
      CONTINUE WHEN coalesce(named, '') = '';
      of_kind := links[2 * j];
      PERFORM 1 FROM entries WHERE kind = of_kind AND subject = named LIMIT 1;
      IF NOT FOUND THEN RAISE EXCEPTION '"%" names a % that is not there', kind_, of_kind USING ERRCODE = 'HG002'; END IF;
    END LOOP;
    IF before <> (e->>6)::bigint THEN
      RAISE EXCEPTION 'an entry does not name the one before of its kind and subject' USING ERRCODE = 'HG004';
    END IF;
    IF kind_ = 'shared' AND subject_ <> left(encode(sha256(convert_to(e->>8, 'UTF8')), 'hex'), 32) THEN
      RAISE EXCEPTION 'a shared entry is not what it is named by' USING ERRCODE = 'HG002';
    END IF;
    digest := encode(sha256(convert_to(sealed, 'UTF8')), 'hex');
    INSERT INTO entries VALUES (last_seq + 1, (e->>2)::bigint, e->>3, kind_, subject_, nullif(before, 0), e->>7, e->>8, last_hash, digest,
                                given->>'signature');
    last_seq := last_seq + 1; last_hash := digest; last_at := (e->>2)::bigint;
    IF kind_ = 'erased' THEN DELETE FROM person_keys WHERE person = subject_; END IF;
  END LOOP;
  IF batch->'attempts' <> '[]' THEN
    INSERT INTO attempts SELECT r.* FROM jsonb_populate_recordset(NULL::attempts, batch->'attempts') r
      JOIN entries n ON n.seq = r.entry AND n.kind = 'attempt' AND n.subject = r.id;
  END IF;
  IF batch->'keys' <> '{}' THEN
    INSERT INTO person_keys SELECT * FROM jsonb_each_text(batch->'keys') ON CONFLICT DO NOTHING;
  END IF;
  ignored := pg_notify('hangar_entries', last_seq::text)::text;
  RETURN last_seq;
END $$;

CREATE FUNCTION note_session_time(session text, active float8, idle float8, noted_at bigint, signed text) RETURNS void
LANGUAGE sql SECURITY DEFINER SET search_path = hangar, pg_temp AS $$
  INSERT INTO session_times VALUES (session, active, idle, noted_at, signed)
  ON CONFLICT (session_id) DO UPDATE SET active_s = excluded.active_s, idle_s = excluded.idle_s, at = excluded.at,
    signature = excluded.signature $$;

-- A flight log or a recording, chunk by chunk; again is no harm, another content under the same name is not taken.
CREATE FUNCTION put_chunk(file text, file_kind text, file_size bigint, place int, content bytea) RETURNS void
LANGUAGE plpgsql SECURITY DEFINER SET search_path = hangar, pg_temp AS $$
BEGIN
  INSERT INTO attachments VALUES (file, file_kind, file_size, false) ON CONFLICT DO NOTHING;
  INSERT INTO chunks VALUES (file, place, content) ON CONFLICT DO NOTHING;
  UPDATE attachments SET whole = true WHERE name = file AND NOT whole
    AND size = (SELECT sum(length(bytes)) FROM chunks WHERE name = file);
END $$;
CREATE FUNCTION erase_attachment(file text) RETURNS void LANGUAGE plpgsql SECURITY DEFINER SET search_path = hangar, pg_temp AS $$
BEGIN
  IF login_may() < 3 THEN
    RAISE EXCEPTION 'the server lets only a coordinator''s login erase' USING ERRCODE = 'HG002';
  END IF;
  DELETE FROM attachments WHERE name = file;
END $$;

DO $$ DECLARE role text; BEGIN
  FOREACH role IN ARRAY ARRAY['hangar_station', 'hangar_instructor', 'hangar_coordinator'] LOOP
    IF NOT EXISTS (SELECT 1 FROM pg_roles WHERE rolname = role) THEN EXECUTE format('CREATE ROLE %I NOLOGIN', role); END IF;
  END LOOP;
  GRANT hangar_station TO hangar_instructor;
  GRANT hangar_instructor TO hangar_coordinator;
  IF NOT pg_has_role(current_user, 'hangar_coordinator', 'MEMBER') THEN
    EXECUTE format('GRANT hangar_coordinator TO %I', current_user);
  END IF;
END $$;
REVOKE ALL ON ALL TABLES IN SCHEMA hangar FROM PUBLIC;
REVOKE ALL ON ALL FUNCTIONS IN SCHEMA hangar FROM PUBLIC;
GRANT USAGE ON SCHEMA hangar TO hangar_station;
GRANT SELECT ON ALL TABLES IN SCHEMA hangar TO hangar_station;
GRANT EXECUTE ON FUNCTION append_entries(jsonb), note_session_time(text, float8, float8, bigint, text),
  put_chunk(text, text, bigint, int, bytea), erase_attachment(text), login_may() TO hangar_station;
)sql";

} // namespace bh
