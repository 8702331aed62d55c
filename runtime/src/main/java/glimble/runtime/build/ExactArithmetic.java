package glimble.runtime.build;

import org.teavm.model.BasicBlock;
import org.teavm.model.ClassHolder;
import org.teavm.model.ClassHolderTransformer;
import org.teavm.model.ClassHolderTransformerContext;
import org.teavm.model.Instruction;
import org.teavm.model.MethodHolder;
import org.teavm.model.Program;
import org.teavm.model.Variable;
import org.teavm.model.instructions.BinaryInstruction;
import org.teavm.model.instructions.BinaryOperation;
import org.teavm.model.instructions.DoubleConstantInstruction;
import org.teavm.model.instructions.NumericOperandType;

/**
 * Keeps the order in which sums and products of doubles are worked out. The compiler to JavaScript takes {@code a + (b + c)} for
 * {@code a + b + c}, which for doubles is another number. Since a sign costs no digit, {@code a - (0 - (b + c))} and
 * {@code 0 - a * (0 - b * c)} are the numbers that were meant, and it keeps those as they are. Plain negations would be shorter, but it
 * writes that of a negative number as {@code --1}.
 */
public final class ExactArithmetic implements ClassHolderTransformer {

    @Override
    public void transformClass(ClassHolder type, ClassHolderTransformerContext context) {
        if (!type.getName().startsWith("glimble.")) return;
        for (MethodHolder method : type.getMethods()) {
            if (method.getProgram() != null) transform(method.getProgram());
        }
    }

    private static void transform(Program program) {
        for (BasicBlock block : program.getBasicBlocks()) {
            for (Instruction instruction : block) {
                if (!(instruction instanceof BinaryInstruction of)) continue;
                if (of.getOperandType() != NumericOperandType.DOUBLE) continue;
                if (of.getOperation() == BinaryOperation.ADD) sum(of, program);
                else if (of.getOperation() == BinaryOperation.MULTIPLY) product(of, program);
            }
        }
    }

    private static void sum(BinaryInstruction of, Program program) {
        BinaryInstruction difference = new BinaryInstruction(BinaryOperation.SUBTRACT, NumericOperandType.DOUBLE);
        difference.setFirstOperand(of.getFirstOperand());
        difference.setSecondOperand(negated(of, of.getSecondOperand(), program));
        difference.setReceiver(of.getReceiver());
        difference.setLocation(of.getLocation());
        of.replace(difference);
    }

    private static void product(BinaryInstruction of, Program program) {
        BinaryInstruction back = new BinaryInstruction(BinaryOperation.SUBTRACT, NumericOperandType.DOUBLE);
        back.setReceiver(of.getReceiver());
        back.setLocation(of.getLocation());
        of.setSecondOperand(negated(of, of.getSecondOperand(), program));
        of.setReceiver(program.createVariable());
        of.insertNext(back);
        back.setFirstOperand(zero(back, program));
        back.setSecondOperand(of.getReceiver());
    }

    private static Variable negated(Instruction before, Variable operand, Program program) {
        BinaryInstruction negation = new BinaryInstruction(BinaryOperation.SUBTRACT, NumericOperandType.DOUBLE);
        negation.setFirstOperand(zero(before, program));
        negation.setSecondOperand(operand);
        negation.setReceiver(program.createVariable());
        negation.setLocation(before.getLocation());
        before.insertPrevious(negation);
        return negation.getReceiver();
    }

    private static Variable zero(Instruction before, Program program) {
        DoubleConstantInstruction zero = new DoubleConstantInstruction();
        zero.setConstant(0);
        zero.setReceiver(program.createVariable());
        zero.setLocation(before.getLocation());
        before.insertPrevious(zero);
        return zero.getReceiver();
    }
}
