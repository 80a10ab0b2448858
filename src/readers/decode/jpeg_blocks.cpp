// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/jpeg_blocks.h"

namespace keepseal {
namespace {

[[noreturn]] void coderFailed(j_common_ptr coder) {
    char why[JMSG_LENGTH_MAX];
    (*coder->err->format_message)(coder, why);
    throw Problem(ProblemKind::NotAPicture, {}, Saying("the JPEG is damaged: {why}", {{"why", why}}),
                  "Export it again");
}

} // namespace

jpeg_error_mgr* tellingErrors(jpeg_error_mgr& errors) {
    jpeg_std_error(&errors);
    errors.error_exit = coderFailed;
    errors.output_message = [](j_common_ptr) {};
    return &errors;
}

} // namespace keepseal
