#!/usr/bin/env bash
# A certificate authority of the house, and a certificate of it for the yard's name.
#   ops/make-authority.sh FOLDER HOST [HOST ...]
# FOLDER/house-root.crt goes onto every tablet, by hand, once. FOLDER/house-root.key stays where nobody serves from.
# FOLDER/yard.crt and FOLDER/yard.key go to what ends TLS. Run it again before the certificate ends: the root stays.
set -euo pipefail
umask 077
[ $# -ge 2 ] || { echo "Say where to, and for which name: ops/make-authority.sh FOLDER HOST [HOST ...]" >&2; exit 1; }
folder=$1
shift
mkdir -p "$folder"
cd "$folder"
if [ ! -f house-root.key ]; then
  openssl ecparam -name prime256v1 -genkey -noout -out house-root.key
  openssl req -x509 -new -key house-root.key -sha256 -days 3650 -subj "/CN=Yard house authority" \
    -addext "basicConstraints=critical,CA:TRUE,pathlen:0" \
    -addext "keyUsage=critical,keyCertSign,cRLSign" -out house-root.crt
fi
openssl ecparam -name prime256v1 -genkey -noout -out yard.key
openssl req -new -key yard.key -subj "/CN=$1" -out yard.csr
names=$(printf 'DNS:%s,' "$@")
# 397 days: browsers take no longer one. Source: CA/Browser Forum Baseline Requirements section 6.3.2.
extensions() {
  printf '%s\n' basicConstraints=critical,CA:FALSE keyUsage=critical,digitalSignature extendedKeyUsage=serverAuth \
    "subjectAltName=${names%,}"
}
openssl x509 -req -in yard.csr -CA house-root.crt -CAkey house-root.key -CAcreateserial -sha256 -days 397 \
  -out yard.crt -extfile <(extensions)
rm -f yard.csr
chmod 644 house-root.crt yard.crt
echo "$folder/yard.crt"
