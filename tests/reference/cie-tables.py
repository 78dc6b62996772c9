#!/usr/bin/python3
"""
Freezes the CIE 1931 2 degree observer, 340 to 830 nm, and the illuminants D50, D65 and A as Debian's python3-colormath carries them.

Package: python3-colormath 3.0.0-4 (Debian 12). It names as its source the tables of CIE 15.
Run: apt-get install python3-colormath; /usr/bin/python3 tests/reference/cie-tables.py
"""
import json
import pathlib
import subprocess

import colormath.spectral_constants as tables

version = subprocess.check_output(['dpkg-query', '-W', '-f', '${Version}', 'python3-colormath'], text=True)
data = {
    'package': 'python3-colormath',
    'version': version,
    'made_by': 'tests/reference/cie-tables.py',
    'start_nm': 340,
    'step_nm': 10,
    'x': tables.STDOBSERV_X2.tolist(),
    'y': tables.STDOBSERV_Y2.tolist(),
    'z': tables.STDOBSERV_Z2.tolist(),
    'd50': tables.REFERENCE_ILLUM_D50.tolist(),
    'd65': tables.REFERENCE_ILLUM_D65.tolist(),
    'a': tables.REFERENCE_ILLUM_A.tolist(),
}
out = pathlib.Path(__file__).parent / 'data' / 'colormath.json'
out.write_text(json.dumps(data, indent=1) + '\n')
