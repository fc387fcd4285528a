"""Reads a DXF with ezdxf and prints what it finds as JSON: errors, and each entity with layer, places and attributes."""
import json
import sys

import ezdxf

drawing = ezdxf.readfile(sys.argv[1])
audit = drawing.audit()


def places(entity):
    kind = entity.dxftype()
    if kind == "LWPOLYLINE":
        return [[p[0], p[1]] for p in entity.get_points()]
    if kind == "INSERT":
        return [[entity.dxf.insert.x, entity.dxf.insert.y]]
    if kind == "POINT":
        return [[entity.dxf.location.x, entity.dxf.location.y]]
    return []


found = [
    {
        "kind": e.dxftype(),
        "layer": e.dxf.layer,
        "places": places(e),
        "text": e.dxf.text if e.dxftype() == "TEXT" else "",
        "block": e.dxf.name if e.dxftype() == "INSERT" else "",
        "attributes": {a.dxf.tag: a.dxf.text for a in e.attribs} if e.dxftype() == "INSERT" else {},
    }
    for e in drawing.modelspace()
]
print(json.dumps({"errors": [str(e.message) for e in audit.errors], "units": drawing.units, "found": found}))
