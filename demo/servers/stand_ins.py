#!/usr/bin/python3
# SPDX-FileCopyrightText: Keep Seal contributors
# SPDX-License-Identifier: GPL-3.0-or-later
"""Small honest servers to send copies to, for trying it out and for tests: loopback only, nothing is kept but files.

demo/servers/stand_ins.py FOLDER     starts all of them, says where they are (FOLDER/servers.json), and ends with Ctrl+C

WebDAV and S3 are this program's own; FTP over TLS and plain FTP come from pyftpdlib, SFTP from OpenSSH, mail from
aiosmtpd, a second WebDAV from Apache, where they are installed. Letters lie in FOLDER/smtp, each with its envelope beside it. Certificates and keys are made at the start. FOLDER/faults.json may say what goes wrong next, by server:
{"dav": ["drop", 5000]}: after that many bytes the line breaks, once; ["status", 507], ["slow", SECONDS],
["nonsense"], ["short"]: a byte is missing of what is kept.
"""
import hashlib
import hmac
import http.server
import json
import os
import pathlib
import re
import shutil
import signal
import ssl
import subprocess
import sys
import threading
import time
import urllib.parse

USER, PASSWORD, REGION = "anna", "tide-and-kite", "here-1"


def run(*words):
    subprocess.run(words, check=True, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL)


class Faults:
    """What goes wrong next; each once."""

    def __init__(self, folder):
        self.file, self.lock = folder / "faults.json", threading.Lock()

    def take(self, server):
        with self.lock:
            try:
                faults = json.loads(self.file.read_text())
            except (OSError, ValueError):
                return None
            fault = faults.pop(server, None)
            if fault:
                self.file.write_text(json.dumps(faults))
            return fault


class Handler(http.server.BaseHTTPRequestHandler):
    protocol_version = "HTTP/1.1"
    root, faults, name = None, None, ""

    def log_message(self, *_):
        pass

    def path_of(self, url):
        pieces = [urllib.parse.unquote(p) for p in urllib.parse.urlsplit(url).path.split("/") if p]
        if any(p in (".", "..") or "/" in p or "\0" in p for p in pieces):
            return None
        return self.root.joinpath(*pieces)

    def answer(self, status, body=b"", headers=()):
        self.send_response(status)
        for key, value in headers:
            self.send_header(key, value)
        if status not in (204,):
            self.send_header("Content-Length", str(len(body)))
        self.end_headers()
        if self.command != "HEAD":
            self.wfile.write(body)

    def body(self, fault):
        length = int(self.headers.get("Content-Length", 0))
        if fault and fault[0] == "drop":
            self.rfile.read(min(length, fault[1]))
            self.connection.shutdown(2)
            return None
        out = self.rfile.read(length)
        return out[:-1] if fault and fault[0] == "short" else out

    def handle_one_request(self):
        try:
            super().handle_one_request()
        except (OSError, ssl.SSLError):
            self.close_connection = True

    def begins(self):
        """The fault that is to be, where the request may go on; False: it was answered."""
        if not self.may():
            self.rfile.read(int(self.headers.get("Content-Length", 0)))
            self.answer(403 if self.name == "s3" else 401, b"", [("WWW-Authenticate", 'Basic realm="stand-in"')])
            return False
        fault = self.faults.take(self.name) if self.command == "PUT" else None
        if fault and fault[0] == "slow":
            time.sleep(fault[1])
        if fault and fault[0] == "status":
            self.rfile.read(int(self.headers.get("Content-Length", 0)))
            self.answer(fault[1])
            return False
        if fault and fault[0] == "nonsense":
            self.rfile.read(int(self.headers.get("Content-Length", 0)))
            self.wfile.write(b"\x00\x01 this is no answer\r\n\r\n" * 100)
            self.close_connection = True
            return False
        return fault or True

    def do_HEAD(self):
        if self.begins():
            path = self.path_of(self.path)
            if path and path.is_file():
                self.head(path)
            else:
                self.answer(404)

    def head(self, path):
        self.send_response(200)
        self.send_header("Content-Length", str(path.stat().st_size))
        self.end_headers()

    def do_DELETE(self):
        if self.begins():
            path = self.path_of(self.path)
            if path and path.is_file():
                path.unlink()
                self.answer(204)
            else:
                self.answer(404)

    def do_PUT(self):
        fault = self.begins()
        if not fault:
            return
        path, bytes_ = self.path_of(self.path), self.body(fault if fault is not True else None)
        if bytes_ is None:
            self.close_connection = True
            return
        status = 409 if path is None else self.keep(path, bytes_)
        self.answer(status)


class Dav(Handler):
    name = "dav"

    def may(self):
        import base64
        wanted = "Basic " + base64.b64encode(f"{USER}:{PASSWORD}".encode()).decode()
        return hmac.compare_digest(self.headers.get("Authorization", ""), wanted)

    def keep(self, path, bytes_):
        if not path.parent.is_dir():
            return 409  # RFC 4918, 9.7.1
        path.write_bytes(bytes_)
        return 201

    def do_MKCOL(self):
        if self.begins():
            path = self.path_of(self.path)
            if path is None or not path.parent.is_dir():
                self.answer(409)
            elif path.exists():
                self.answer(405)
            else:
                path.mkdir()
                self.answer(201)

    def do_MOVE(self):
        if self.begins():
            path, to = self.path_of(self.path), self.path_of(self.headers.get("Destination", ""))
            if not path or not to or not path.is_file() or not to.parent.is_dir():
                return self.answer(409)
            there = to.exists()
            if there and self.headers.get("Overwrite", "T") == "F":
                return self.answer(412)
            path.replace(to)
            self.answer(204 if there else 201)


class Objects(Handler):
    name = "s3"

    def may(self):
        """Signature version 4 over what the request names as signed."""
        found = re.match(r"\S+ Credential=([^/]+)/(\d{8})/([^/]+)/s3/aws4_request, ?SignedHeaders=([^,]+), ?Signature=(\w+)",
                         self.headers.get("Authorization", ""))
        if not found or found[1] != USER or found[3] != REGION:
            return False
        parts = urllib.parse.urlsplit(self.path)
        signed = found[4].split(";")
        canonical = "\n".join([self.command, parts.path, parts.query,
                               *(f"{key}:{' '.join(self.headers.get(key, '').split())}" for key in signed), "", found[4],
                               self.headers.get("x-amz-content-sha256", hashlib.sha256(b"").hexdigest())])
        scope = f"{found[2]}/{REGION}/s3/aws4_request"
        text = "\n".join(["AWS4-HMAC-SHA256", self.headers.get("x-amz-date", ""), scope,
                          hashlib.sha256(canonical.encode()).hexdigest()])
        key = ("AWS4" + PASSWORD).encode()
        for piece in (found[2], REGION, "s3", "aws4_request"):
            key = hmac.new(key, piece.encode(), hashlib.sha256).digest()
        return hmac.compare_digest(hmac.new(key, text.encode(), hashlib.sha256).hexdigest(), found[5])

    def keep(self, path, bytes_):
        if hashlib.sha256(bytes_).hexdigest() != self.headers.get("x-amz-content-sha256"):
            return 400
        path.parent.mkdir(parents=True, exist_ok=True)
        path.write_bytes(bytes_)
        return 200


def web(handler, root, faults, certificate):
    kind = type(handler.__name__, (handler,), {"root": root, "faults": faults})
    server = http.server.ThreadingHTTPServer(("127.0.0.1", 0), kind)
    context = ssl.SSLContext(ssl.PROTOCOL_TLS_SERVER)
    context.load_cert_chain(certificate)
    server.socket = context.wrap_socket(server.socket, server_side=True, do_handshake_on_connect=False)
    threading.Thread(target=server.serve_forever, daemon=True).start()
    return server.server_address[1]


def ftp(root, certificate, encrypted):
    try:
        from pyftpdlib.authorizers import DummyAuthorizer
        from pyftpdlib.handlers import FTPHandler, TLS_DTPHandler, TLS_FTPHandler
        from pyftpdlib.ioloop import IOLoop
        from pyftpdlib.servers import FTPServer
    except ImportError:
        return None
    authorizer = DummyAuthorizer()
    authorizer.add_user(USER, PASSWORD, str(root), perm="elradfmw")
    handler = type("Ftp", (TLS_FTPHandler if encrypted else FTPHandler,), {"authorizer": authorizer})
    if encrypted:
        handler.certfile, handler.tls_control_required, handler.tls_data_required = str(certificate), True, True

        class Data(TLS_DTPHandler):
            """Takes a handshake that comes before the command which the data is for: its own ends the line then."""

            def readable(self):
                return True

        handler.dtp_handler = Data
        handler.ssl_context = handler.get_ssl_context()
        handler.ssl_context.set_session_id(b"stand-in")  # else it refuses a session that is used again for the data
    import logging
    logging.getLogger("pyftpdlib").disabled = not os.environ.get("STAND_INS_TALK")
    server = FTPServer(("127.0.0.1", 0), handler, ioloop=IOLoop())
    port = server.address[1]
    threading.Thread(target=server.serve_forever, daemon=True).start()
    return port


def smtp(root, faults, certificate, encrypted):
    """Takes letters over STARTTLS, after a login; or one that knows nothing of encryption."""
    try:
        from aiosmtpd.controller import Controller
        from aiosmtpd.smtp import SMTP, AuthResult, LoginPassword
    except ImportError:
        return None

    class Box:
        count = 0

        async def handle_DATA(self, server, session, envelope):
            import asyncio
            fault = faults.take("smtp")
            if fault and fault[0] == "slow":
                await asyncio.sleep(fault[1])
            if fault and fault[0] == "status":
                return f"{fault[1]} not now, or not ever"
            Box.count += 1
            name = f"{Box.count:03}"
            (root / f"{name}.json").write_text(json.dumps({"from": envelope.mail_from, "to": envelope.rcpt_tos}))
            (root / f"{name}.part").write_bytes(envelope.content)
            (root / f"{name}.part").rename(root / f"{name}.eml")
            if fault and fault[0] == "silent":  # it has the letter, and its answer is lost
                server.transport.close()
                await asyncio.sleep(1)
            return "250 taken"

        async def handle_RCPT(self, server, session, envelope, address, options):
            if address.startswith("nobody@"):
                return "550 no such box"
            envelope.rcpt_tos.append(address)
            return "250 fine"

    def may(server, session, envelope, mechanism, login):
        good = isinstance(login, LoginPassword) and (login.login, login.password) == (USER.encode(), PASSWORD.encode())
        return AuthResult(success=good, handled=False)

    context = ssl.SSLContext(ssl.PROTOCOL_TLS_SERVER)
    context.load_cert_chain(certificate)

    class Post(Controller):
        def factory(self):
            if not encrypted:
                return SMTP(self.handler, hostname="localhost", authenticator=may, auth_require_tls=False)
            return SMTP(self.handler, hostname="localhost", tls_context=context, require_starttls=True, auth_required=True,
                        authenticator=may, data_size_limit=60_000_000)

    import logging
    logging.getLogger("mail.log").disabled = not os.environ.get("STAND_INS_TALK")
    import socket
    with socket.socket() as free:  # it tries the port it was given
        free.bind(("127.0.0.1", 0))
        port = free.getsockname()[1]
    Post(Box(), hostname="127.0.0.1", port=port).start()
    return port


def apache(folder, root, certificate):
    """The WebDAV of Apache's own modules, as many studios have it."""
    program, modules = shutil.which("apache2") or "/usr/sbin/apache2", "/usr/lib/apache2/modules"
    if not os.path.exists(program):
        return None, None
    import socket
    with socket.socket() as free:
        free.bind(("127.0.0.1", 0))
        port = free.getsockname()[1]
    login = subprocess.run(["openssl", "passwd", "-apr1", PASSWORD], capture_output=True, text=True, check=True).stdout.strip()
    (folder / "apache.users").write_text(f"{USER}:{login}\n")
    (folder / "apache.locks").mkdir(exist_ok=True)
    as_user = ""
    if os.getuid() == 0:  # it does its work as another user then, who has to get there
        import pwd
        user = pwd.getpwnam("www-data")
        as_user = "User www-data\nGroup www-data"
        folder.chmod(0o711)
        for path in (root, folder / "apache.locks"):
            os.chown(path, user.pw_uid, user.pw_gid)
    names = ("mpm_event", "authn_core", "authn_file", "authz_core", "authz_user", "auth_basic", "dav", "dav_fs", "ssl")
    loads = "\n".join(f"LoadModule {n}_module {modules}/mod_{n}.so" for n in names)
    (folder / "apache.conf").write_text(f"""ServerRoot {folder}
ServerName localhost
Listen 127.0.0.1:{port}
{loads}
{as_user}
PidFile {folder}/apache.pid
ErrorLog {folder}/apache.log
Mutex sem
DavLockDB {folder}/apache.locks/locks
DocumentRoot {root}
SSLEngine on
SSLCertificateFile {certificate}
<Directory {root}>
  Dav On
  AuthType Basic
  AuthName stand-in
  AuthUserFile {folder}/apache.users
  Require valid-user
</Directory>
""")
    server = subprocess.Popen([program, "-X" if os.getuid() else "-DFOREGROUND", "-f", str(folder / "apache.conf")],
                              stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL)
    for _ in range(200):
        with socket.socket() as there:
            if there.connect_ex(("127.0.0.1", port)) == 0:
                return port, server
        time.sleep(0.05)
    server.terminate()
    return None, None


def sftp(folder, root):
    """OpenSSH's own, as this user; it chooses no free port itself."""
    program = shutil.which("sshd") or "/usr/sbin/sshd"
    if not os.path.exists(program):
        return None, None
    import socket
    with socket.socket() as free:
        free.bind(("127.0.0.1", 0))
        port = free.getsockname()[1]
    for key in ("host_key", "login_key"):
        run("ssh-keygen", "-q", "-t", "ed25519", "-N", "", "-f", str(folder / key))
    if os.getuid() == 0:
        os.makedirs("/run/sshd", exist_ok=True)
    (folder / "sshd.conf").write_text(f"""Port {port}
ListenAddress 127.0.0.1
HostKey {folder}/host_key
AuthorizedKeysFile {folder}/login_key.pub
StrictModes no
PasswordAuthentication no
KbdInteractiveAuthentication no
UsePAM no
PidFile none
Subsystem sftp internal-sftp -d {root}
""")
    server = subprocess.Popen([program, "-D", "-f", str(folder / "sshd.conf")], stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL)
    for _ in range(200):
        with socket.socket() as there:
            if there.connect_ex(("127.0.0.1", port)) == 0:
                break
        time.sleep(0.05)
    return port, server


def main(folder):
    folder = pathlib.Path(folder).absolute()
    folder.mkdir(parents=True, exist_ok=True)
    certificate = folder / "certificate.pem"
    run("openssl", "req", "-x509", "-newkey", "rsa:2048", "-nodes", "-days", "2", "-subj", "/CN=localhost", "-addext",
        "subjectAltName=DNS:localhost,IP:127.0.0.1", "-keyout", str(folder / "key.pem"), "-out", str(folder / "ca.pem"))
    certificate.write_text((folder / "key.pem").read_text() + (folder / "ca.pem").read_text())
    (folder / "password").write_text(PASSWORD + "\n")
    faults, servers, ssh, web_server = Faults(folder), {}, None, None
    roots = {name: folder / name for name in ("dav", "s3", "ftps", "ftp", "sftp", "smtp", "smtp_plain", "apache")}
    for root in roots.values():
        root.mkdir(exist_ok=True)
    servers["dav"] = web(Dav, roots["dav"], faults, certificate)
    servers["s3"] = web(Objects, roots["s3"], faults, certificate)
    servers["ftps"], servers["ftp"] = ftp(roots["ftps"], certificate, True), ftp(roots["ftp"], certificate, False)
    servers["smtp"] = smtp(roots["smtp"], faults, certificate, True)
    servers["smtp_plain"] = smtp(roots["smtp_plain"], faults, certificate, False)
    servers["apache"], web_server = apache(folder, roots["apache"], certificate)
    servers["sftp"], ssh = sftp(folder, roots["sftp"])
    told = folder / "servers.json"
    written = told.with_suffix(".part")
    written.write_text(json.dumps({"user": USER, "region": REGION, "ports": servers}, indent=1) + "\n")
    written.replace(told)
    print(f"Servers on this machine, for {USER} (password in {folder}/password):")
    for name, port in servers.items():
        print(f"  {name}: " + (f"localhost:{port}" if port else "not installed here"))
    sys.stdout.flush()
    signal.signal(signal.SIGTERM, lambda *_: sys.exit(0))
    try:
        parent = os.getppid()
        while os.getppid() == parent:  # ends with whoever started it
            time.sleep(0.2)
    except KeyboardInterrupt:
        pass
    finally:
        for process in (ssh, web_server):
            if process:
                process.terminate()
                process.wait()


if __name__ == "__main__":
    if len(sys.argv) != 2:
        sys.exit(__doc__)
    main(sys.argv[1])
