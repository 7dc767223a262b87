#pragma once

// qpdf's classes for objects and files. Its JSON, of which nothing is used here, holds vectors of itself in a way that
// clang 14 does not take as C++20, so it stays a name.
#ifndef JSON_HH
#define JSON_HH
class JSON;
#endif
#include <qpdf/QPDF.hh>
#include <qpdf/QPDFObjectHandle.hh>
#include <qpdf/QPDFPageDocumentHelper.hh>
#include <qpdf/QPDFWriter.hh>
