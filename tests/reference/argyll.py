#!/usr/bin/python3
"""
Freezes the D50 spectra of Debian's argyll-ref: the one without ultraviolet, and the one with all of it.

Package: argyll-ref 2.3.1+repack-1.1 (Debian 12), files /usr/share/color/argyll/ref/D50_0.0.sp and D50_1.0.sp.
Run: apt-get install argyll-ref; /usr/bin/python3 tests/reference/argyll.py
"""
import json
import pathlib
import re
import subprocess


def spectrum(name):
    text = pathlib.Path('/usr/share/color/argyll/ref', name).read_text()
    field = lambda key: float(re.search(rf'^{key} "([\d.]+)"', text, re.M).group(1))
    values = [float(v) for v in re.search(r'BEGIN_DATA\n(.*?)END_DATA', text, re.S).group(1).split()]
    return {'start_nm': field('SPECTRAL_START_NM'), 'end_nm': field('SPECTRAL_END_NM'), 'values': values}


data = {
    'package': 'argyll-ref',
    'version': subprocess.check_output(['dpkg-query', '-W', '-f', '${Version}', 'argyll-ref'], text=True),
    'made_by': 'tests/reference/argyll.py',
    'd50_without_uv': spectrum('D50_0.0.sp'),
    'd50': spectrum('D50_1.0.sp'),
}
out = pathlib.Path(__file__).parent / 'data' / 'argyll.json'
out.write_text(json.dumps(data, indent=1) + '\n')
